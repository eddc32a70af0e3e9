"""Write the JSON Schemas of project.json and of a survey to docs/."""

import json
from pathlib import Path

from jolly_parlor.project.schema import project_schema, survey_schema

DOCS = Path(__file__).resolve().parent.parent / "docs"

for name, schema in (("parlor", project_schema()), ("survey", survey_schema())):
    (DOCS / f"{name}.schema.json").write_text(json.dumps(schema, indent=2) + "\n", "utf-8")
