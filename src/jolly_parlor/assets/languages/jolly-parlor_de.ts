<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
  <context>
    <name>acoustics</name>
    <message>
      <location filename="../../acoustics/air.py" />
      <source>The air temperature is {temperature_celsius:g} °C; give one between -20 and 50 °C.</source>
      <translation>Die Lufttemperatur ist {temperature_celsius:g} °C; anzugeben ist eine zwischen -20 und 50 °C.</translation>
    </message>
    <message>
      <location filename="../../acoustics/eigenvalues.py" />
      <source>The eigenvalues of the {length:.2f} m axis could not be followed; one of its two surfaces absorbs too much for this model.</source>
      <translation>Die Eigenwerte der {length:.2f} m langen Achse ließen sich nicht verfolgen; eine ihrer beiden Flächen schluckt zu viel für dieses Modell.</translation>
    </message>
    <message>
      <location filename="../../acoustics/eigenvalues.py" />
      <source>The eigenvalues could not be followed over so large a step.</source>
      <translation>Die Eigenwerte ließen sich über einen so großen Schritt nicht verfolgen.</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/early_images.py" />
      <source>Source and ear are at the same place; move them apart.</source>
      <translation>Quelle und Ohr sind am selben Ort; bitte auseinanderrücken.</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/impedance_box.py" />
      <source>A box room needs three dimensions greater than zero.</source>
      <translation>Ein Quaderraum braucht drei Maße größer als null.</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/impedance_box.py" />
      <source>Source and receiver are closer than 5 cm; move them apart.</source>
      <translation>Quelle und Empfänger sind näher als 5 cm; bitte auseinanderrücken.</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/impedance_box.py" />
      <source>The {what} at ({where}) m is outside the room; move it inside.</source>
      <translation>{what} bei ({where}) m liegt außerhalb des Raums; bitte hineinrücken.</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/known_places.py" />
      <source>({where}) m is outside the room or inside a thing; move it.</source>
      <translation>({where}) m liegt außerhalb des Raums oder in einem Gegenstand; bitte verschieben.</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/rigid_modes.py" />
      <source>{ordinal} {kind} mode</source>
      <translation>{ordinal} Mode ({kind})</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/rigid_modes.py" />
      <source>mixed mode ({join})</source>
      <translation>gemischte Mode ({join})</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/standing_waves.py" />
      <source>{ordinal} {kind} mode{where}</source>
      <translation>{ordinal} Mode ({kind}){where}</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/standing_waves.py" />
      <source>mixed mode{where}</source>
      <translation>gemischte Mode{where}</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/standing_waves.py" />
      <source>mostly {kind} mode{where}</source>
      <translation>vorwiegend eine Mode ({kind}){where}</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/standing_waves.py" />
      <source> in the {name}</source>
      <translation> im Teil {name}</translation>
    </message>
    <message>
      <location filename="../../acoustics/fields/standing_waves.py" />
      <source>, strongest in the {name}</source>
      <translation>, am stärksten im Teil {name}</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/ceiling.py" />
      <source>the sloped ceiling</source>
      <translation>die Dachschräge</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/image_sources.py" />
      <source>The distance to the wall must be greater than zero.</source>
      <translation>Der Abstand zur Wand muss größer als null sein.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan.py" />
      <source>The plan needs three corners or more.</source>
      <translation>Der Grundriss braucht drei Ecken oder mehr.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan.py" />
      <source>The plan must touch the axes: its least x and its least y are 0.</source>
      <translation>Der Grundriss muss die Achsen berühren: sein kleinstes x und sein kleinstes y sind 0.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan.py" />
      <source>Two corners of the plan are at the same place.</source>
      <translation>Zwei Ecken des Grundrisses liegen am selben Ort.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan.py" />
      <source>The walls “{one}” and “{other}” cross each other; move one of them.</source>
      <translation>Die Wände „{one}“ und „{other}“ kreuzen sich; eine davon verschieben.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan.py" />
      <source>The corners of the plan must go round counter-clockwise: x right, y to the back.</source>
      <translation>Die Ecken des Grundrisses müssen gegen den Uhrzeigersinn laufen: x nach rechts, y nach hinten.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan.py" />
      <source>Two walls of the plan cross each other.</source>
      <translation>Zwei Wände des Grundrisses kreuzen sich.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan_parts.py" />
      <source>on the left</source>
      <translation>links</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan_parts.py" />
      <source>on the right</source>
      <translation>rechts</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan_parts.py" />
      <source>long arm</source>
      <translation>langer Arm</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan_parts.py" />
      <source>main part</source>
      <translation>Hauptteil</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan_parts.py" />
      <location filename="../../placement/loudspeakers.py" />
      <source>in front</source>
      <translation>vorn</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/plan_parts.py" />
      <source>at the back</source>
      <translation>hinten</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/proportions.py" />
      <source>Width and length</source>
      <translation>Breite und Länge</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/proportions.py" />
      <source>Width and height</source>
      <translation>Breite und Höhe</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/proportions.py" />
      <source>Length and height</source>
      <translation>Länge und Höhe</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/proportions.py" />
      <source>{what} are nearly equal: their modes stack at the same frequencies.</source>
      <translation>{what} sind fast gleich: ihre Moden häufen sich bei denselben Frequenzen.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/room.py" />
      <source>outside the room</source>
      <translation>außerhalb des Raums</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/room.py" />
      <source>{surface} wall</source>
      <translation>Wand {surface}</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/room_parts.py" />
      <source>door's swing</source>
      <translation>Türbereich</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>There is no wall “{wall}”; there is {names}.</source>
      <translation>Eine Wand „{wall}“ gibt es nicht; es gibt {names}.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>The {kind} in the wall “{wall}” is in the way; move it or take it away first.</source>
      <translation>{kind} in der Wand „{wall}“ ist im Weg; zuerst verschieben oder wegnehmen.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>A {kind} {width:.2f} m wide, {start:.2f} m along, does not fit into the wall “{wall}”, which is {length:.2f} m long.</source>
      <translation>{kind}, {width:.2f} m breit bei {start:.2f} m, passt nicht in die Wand „{wall}“, die {length:.2f} m lang ist.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>A corner of {along:.2f} by {deep:.2f} m cannot be taken from walls of {lengths:.2f} and {lengths2:.2f} m; make it smaller.</source>
      <translation>Eine Ecke von {along:.2f} mal {deep:.2f} m lässt sich von Wänden mit {lengths:.2f} und {lengths2:.2f} m nicht wegnehmen; bitte kleiner wählen.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>The wall “{wall}” is {length:.2f} m long; split it between its ends.</source>
      <translation>Die Wand „{wall}“ ist {length:.2f} m lang; geteilt wird zwischen ihren Enden.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>A plan needs three corners; this one cannot be taken away.</source>
      <translation>Ein Grundriss braucht drei Ecken; diese kann nicht weg.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>{kind}, one side</source>
      <translation>{kind}, eine Seite</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/shaping.py" />
      <source>{kind}, other side</source>
      <translation>{kind}, andere Seite</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>corner of {before} and {after}</source>
      <translation>Ecke von {before} und {after}</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>From the {one} to the {other} the tape says {metres:.2f} m, the walls {drawn:.2f} m</source>
      <translation>Von {one} bis {other} sagt das Maßband {metres:.2f} m, die Wände sagen {drawn:.2f} m</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>No single wall explains it: measure these lengths again.</source>
      <translation>Keine einzelne Wand erklärt es: diese Längen noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>Likeliest: the wall “{name}” is {mended:.2f} m, not {length:.2f} m{why}.</source>
      <translation>Am ehesten: die Wand „{name}“ ist {mended:.2f} m lang, nicht {length:.2f} m{why}.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>The other lengths agree: likeliest this one was misread; measure it again.</source>
      <translation>Die anderen Längen stimmen: am ehesten wurde diese falsch abgelesen; noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>The two diagonals differ: the corners are not square. Measure both again, then release the right angles and move a corner.</source>
      <translation>Die beiden Diagonalen sind ungleich: die Ecken sind nicht rechtwinklig. Beide noch einmal messen, dann die rechten Winkel lösen und eine Ecke verschieben.</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>, two figures swapped</source>
      <translation>, zwei Ziffern vertauscht</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>a metre</source>
      <translation>ein Meter</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>ten centimetres</source>
      <translation>zehn Zentimeter</translation>
    </message>
    <message>
      <location filename="../../acoustics/geometry/tape_check.py" />
      <source>, misread by {words}</source>
      <translation>, um {words} falsch abgelesen</translation>
    </message>
    <message>
      <location filename="../../acoustics/materials/admittances.py" />
      <source>Below 63 Hz no table gives absorption; the 63 Hz value is held down to 20 Hz.</source>
      <translation>Unter 63 Hz nennt keine Tabelle Absorption; der Wert bei 63 Hz gilt hinab bis 20 Hz.</translation>
    </message>
    <message>
      <location filename="../../acoustics/materials/coefficients.py" />
      <source>There is no material “{material_id}”; choose one of {materials}.</source>
      <translation>Ein Material „{material_id}“ gibt es nicht; zur Wahl stehen {materials}.</translation>
    </message>
  </context>
  <context>
    <name>analysis</name>
    <message>
      <location filename="../../analysis/case_cabinets.py" />
      <source>the driver {id} has no cabinet.</source>
      <translation>Der Treiber {id} hat kein Gehäuse.</translation>
    </message>
    <message>
      <location filename="../../analysis/case_cabinets.py" />
      <source>the driver {id} must look along an axis.</source>
      <translation>Der Treiber {id} muss entlang einer Achse schauen.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>a patch lies on “{surface}”, which is no wall of this room.</source>
      <translation>ein Feld liegt auf „{surface}“, was keine Wand dieses Raums ist.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>there are {walls} walls for a plan of {plan} corners.</source>
      <translation>es gibt {walls} Wände für einen Grundriss mit {plan} Ecken.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>its room is “{room}”; rectangular ones and prisms are known.</source>
      <translation>sein Raum ist „{room}“; bekannt sind rechtwinklige und Prismen.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>{name} has no size; give three positive lengths.</source>
      <translation>{name} hat keine Größe; drei positive Längen angeben.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>every source and receiver needs a position of three coordinates.</source>
      <translation>jede Quelle und jeder Empfänger braucht einen Ort aus drei Koordinaten.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>an absorption is {alpha:g}; it must be between 0 and 1.</source>
      <translation>eine Absorption ist {alpha:g}; sie muss zwischen 0 und 1 liegen.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <location filename="../../project/files.py" />
      <location filename="../../signals/cells.py" />
      <location filename="../../training/progress.py" />
      <source>{name} could not be read: {reason}.</source>
      <translation>{name} ließ sich nicht lesen: {reason}.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>{name} is not valid JSON.</source>
      <translation>{name} ist kein gültiges JSON.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>{name} lacks or garbles the field {error}.</source>
      <translation>{name} fehlt das Feld {error}, oder es ist verstümmelt.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>a thing is “{thing}”; it must be solid or soft.</source>
      <translation>ein Gegenstand ist „{thing}“; er muss solid oder soft sein.</translation>
    </message>
    <message>
      <location filename="../../analysis/cases.py" />
      <source>patch {number}</source>
      <translation>Feld {number}</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Both see the same walls, and the seat is on the middle line.</source>
      <translation>Beide sehen dieselben Wände, und der Hörplatz ist auf der Mittellinie.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>The seat is clear of the middle of the length.</source>
      <translation>Der Hörplatz ist nicht in der Mitte der Länge.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>They differ by {gap:.1f} dB, {kind}.</source>
      <translation>Sie unterscheiden sich um {gap:.1f} dB, {kind}.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>Measured</source>
      <translation>Gemessen</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>What is set can be set</source>
      <translation>Was eingestellt ist, lässt sich einstellen</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Loudspeakers around the seat match</source>
      <translation>Lautsprecher rund um den Hörplatz passen zusammen</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Settings written down</source>
      <translation>Einstellungen aufgeschrieben</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Knobs photographed or noted beside the placement card.</source>
      <translation>Regler fotografiert oder neben der Aufstellungskarte notiert.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Mono is narrow and in the middle</source>
      <translation>Mono ist schmal und in der Mitte</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Both in the same polarity: heard, not assumed.</source>
      <translation>Beide in derselben Polarität: gehört, nicht angenommen.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Heard with music you know</source>
      <translation>Mit vertrauter Musik gehört</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>An hour, at the level you work at.</source>
      <translation>Eine Stunde, in der Lautstärke, in der Sie arbeiten.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Stands strapped, cables taped</source>
      <translation>Ständer festgezurrt, Kabel festgeklebt</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Two people for lifting; nothing tips on a child.</source>
      <translation>Zum Heben zwei Personen; nichts kippt auf ein Kind.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Ways out and windows free</source>
      <translation>Ausgänge und Fenster frei</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Escape routes stay clear; local codes decide.</source>
      <translation>Fluchtwege bleiben frei; örtliche Vorschriften entscheiden.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Walls and floor at unlike distances</source>
      <translation>Wände und Boden ungleich weit</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Both equally far from the ear</source>
      <translation>Beide gleich weit vom Ohr</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Equilateral, or nearly</source>
      <translation>Gleichseitig, oder nahezu</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <location filename="../../placement/checks.py" />
      <source>ear height</source>
      <translation>Ohrhöhe</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>At ear height</source>
      <translation>Auf Ohrhöhe</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Aimed at the ear</source>
      <translation>Auf das Ohr gerichtet</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Left and right see the same walls</source>
      <translation>Links und rechts sehen dieselben Wände</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Seat not at half the length</source>
      <translation>Hörplatz nicht auf halber Länge</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <location filename="../../placement/checks.py" />
      <source>in the way</source>
      <translation>im Weg</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Nothing in the way</source>
      <translation>Nichts im Weg</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>The image leans and blurs; within {match_db:.0f} dB is usual.</source>
      <translation>Das Bild lehnt und verschwimmt; innerhalb von {match_db:.0f} dB ist üblich.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Left and right alike</source>
      <translation>Links und rechts gleich</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Measured as it stands</source>
      <translation>Gemessen, wie es steht</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>No take at {seat} tells how all that plays is heard here.</source>
      <translation>Keine Messung bei {seat} sagt, wie alles, was spielt, hier gehört wird.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source> as set</source>
      <translation> wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>, summed from single takes</source>
      <translation>, aus einzelnen Messungen summiert</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>, at {around} points of the head.</source>
      <translation>, an {around} Punkten des Kopfs.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>, at the head's centre only.</source>
      <translation>, nur in der Mitte des Kopfs.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source> By distance alone; Subs aligns by the null, which counts more.</source>
      <translation>  Allein nach Entfernung; „Subs“ richtet mit der Auslöschung aus, die mehr zählt.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>By distance and delay.</source>
      <translation>Nach Entfernung und Verzögerung.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Every figure with a subwoofer counts on it.</source>
      <translation>Jede Zahl mit Subwoofer rechnet damit.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Outside their angles: {names}.</source>
      <translation>Außerhalb ihrer Winkel: {names}.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Equaliser last, and checked</source>
      <translation>Equalizer zuletzt, und geprüft</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>{large} cuts beyond {warn_db:.0f} dB are set.</source>
      <translation>{large} Absenkungen über {warn_db:.0f} dB sind gesetzt.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>The room looked over</source>
      <translation>Den Raum durchgesehen</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Holds.</source>
      <translation>Erfüllt.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Mended, it would be {now:.1f} dB {way} even (forecast).</source>
      <translation>Behoben wäre es {now:.1f} dB {way} (Vorhersage).</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>{words} Measure each side alone.</source>
      <translation>{words} Jede Seite allein messen.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source> {doubtful} may no longer hold: Takes asks.</source>
      <translation> {doubtful} könnten nicht mehr gelten: „Messungen“ fragt danach.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>All that is said of it is forecast: a guess by some dB.</source>
      <translation>Alles Gesagte ist Vorhersage: auf einige dB geraten.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>{bad} bad and {doubtful} doubtful takes are left out.</source>
      <translation>{bad} schlechte und {doubtful} zweifelhafte Messungen sind ausgelassen.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>What they would have told is missing.</source>
      <translation>Was sie gesagt hätten, fehlt.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Subwoofers share the work</source>
      <translation>Subwoofer teilen sich die Arbeit</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>One is driven to its limit while another rests.</source>
      <translation>Einer ist an seiner Grenze, während ein anderer ruht.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>All within their angles and half a decibel.</source>
      <translation>Alle innerhalb ihrer Winkel und eines halben Dezibels.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>None is set: place first, it may not be needed.</source>
      <translation>Keiner ist gesetzt: erst stellen, vielleicht braucht es keinen.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Large cuts smear; move first.</source>
      <translation>Große Absenkungen verschmieren; erst bewegen.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>{answered} of {questions} questions of the review by eye are answered.</source>
      <translation>{answered} von {questions} Fragen der Durchsicht sind beantwortet.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>{faults} faults. {first}</source>
      <translation>{faults} Mängel. {first}</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>That point is filled in from what is measured and placed.</source>
      <translation>Dieser Punkt füllt sich aus dem Gemessenen und Gestellten.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>No small move mends it here, so what it costs is not known.</source>
      <translation>Keine kleine Bewegung behebt es hier; was es kostet, ist also nicht bekannt.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>The curve would hardly change (forecast); the image would.</source>
      <translation>Die Kurve änderte sich kaum (Vorhersage); das Bild schon.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Subwoofer in time with the pair</source>
      <translation>Subwoofer gleichzeitig mit dem Paar</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>By what Gear says there is.</source>
      <translation>Nach dem, was unter Geräte steht.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Sounds come from where they were not put.</source>
      <translation>Klänge kommen von dort, wo sie nicht hingesetzt wurden.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>{loudspeaker} {gain_db:+.1f} dB</source>
      <translation>{loudspeaker} {gain_db:+.1f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>Levels to set: {names}.</source>
      <translation>Einzustellende Pegel: {names}.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>One is heard before all.</source>
      <translation>Einer wird vor allen gehört.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>None idles below 40 Hz.</source>
      <translation>Keiner ruht unter 40 Hz.</translation>
    </message>
    <message>
      <location filename="../../analysis/checklist.py" />
      <source>So it is left.</source>
      <translation>Also bleibt es so.</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>{agreeing_words} that “{first}” is best or as good below 200 Hz.</source>
      <translation>{agreeing_words}, dass „{first}“ unter 200 Hz das Beste oder gleich gut ist.</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source> {lean_db:.1f} dB, forecast</source>
      <translation> {lean_db:.1f} dB, Vorhersage</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source> {match_db:.1f} dB</source>
      <translation> {match_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>{name} is the evenest of {count}, by {lead:.1f} dB</source>
      <translation>{name} ist das ebenste von {count}, um {lead:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>no single cause</source>
      <translation>keine einzelne Ursache</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>bass to {bass_reach_hz:.0f} Hz</source>
      <translation>Bass bis {bass_reach_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>room {over:+.0f} dB over direct</source>
      <translation>Raum {over:+.0f} dB über direkt</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>Hollow at {deepest_hz:.0f} Hz, {deepest_db:.0f} dB: {cause}</source>
      <translation>Senke bei {deepest_hz:.0f} Hz, {deepest_db:.0f} dB: {cause}</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>No hollow deeper than {deepest_db:.0f} dB</source>
      <translation>Keine Senke tiefer als {deepest_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>Hill at {highest_hz:.0f} Hz, {highest_db:+.0f} dB</source>
      <translation>Hügel bei {highest_hz:.0f} Hz, {highest_db:+.0f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>No hill above {highest_db:.0f} dB</source>
      <translation>Kein Hügel über {highest_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>Leaning costs</source>
      <translation>Lehnen kostet</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>Leaning costs at most</source>
      <translation>Lehnen kostet höchstens</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>Left and right differ by</source>
      <translation>Links und rechts unterscheiden sich um</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>Left and right match within</source>
      <translation>Links und rechts gleich innerhalb</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Nothing to compare yet</source>
      <translation>Noch nichts zu vergleichen</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>{name} stands alone; add another to compare</source>
      <translation>{name} steht allein; zum Vergleichen eine weitere hinzufügen</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>{name} and {other} cannot be told apart ({lead:.1f} dB)</source>
      <translation>{name} und {other} sind nicht zu unterscheiden ({lead:.1f} dB)</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>{name} is the more even, by {lead:.1f} dB</source>
      <translation>{name} ist die ebenere, um {lead:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>No take of this mix for: {missing}.</source>
      <translation>Keine Messung dieser Mischung für: {missing}.</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>ranked by takes{words}{kinds_of_takes}</source>
      <translation>geordnet nach Messungen{words}{kinds_of_takes}</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>ranked by takes where there are any ({have} of {rows}), by the forecast of the fitted room elsewhere</source>
      <translation>geordnet nach Messungen, wo es welche gibt ({have} von {rows}), sonst nach der Vorhersage des eingepassten Raums</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>{within} of {wanted} around the seat within their angles</source>
      <translation>{within} von {wanted} rund um den Hörplatz innerhalb ihrer Winkel</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>One of the two has no curve.</source>
      <translation>Eine der beiden hat keine Kurve.</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>ranked by forecast</source>
      <translation>geordnet nach Vorhersage</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>rings {seconds:.1f} s, 44-180 Hz</source>
      <translation>klingt {seconds:.1f} s nach, 44-180 Hz</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>; {have} of {rows} have takes</source>
      <translation>; {have} von {rows} haben Messungen</translation>
    </message>
    <message>
      <location filename="../../analysis/comparison.py" />
      <source>; no takes yet</source>
      <translation>; noch keine Messungen</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_check.py" />
      <source>Foretold {other:.1f}, measured {one:.1f} dB from even; they differ by {gap:.1f} dB</source>
      <translation>Vorausgesagt {other:.1f}, gemessen {one:.1f} dB uneben; sie unterscheiden sich um {gap:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_check.py" />
      <source>{begins}, most at {hertz:.0f} Hz ({worst:+.1f} dB): see whether every section, trim and delay is set as listed, on every loudspeaker.</source>
      <translation>{begins}, am meisten bei {hertz:.0f} Hz ({worst:+.1f} dB): nachsehen, ob jeder Filter, jede Anpassung und Verzögerung wie aufgeführt eingestellt ist, an jedem Lautsprecher.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_check.py" />
      <source>{begins}, but what was foretold is the forecast's: with takes of each loudspeaker alone it could be held to a few tenths.</source>
      <translation>{begins}, aber das Vorausgesagte ist das der Vorhersage: mit Messungen jedes Lautsprechers allein ließe es sich auf wenige Zehntel halten.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_check.py" />
      <source>{begins}: it does what was foretold, within what two sweeps differ by.</source>
      <translation>{begins}: es tut, was vorausgesagt war, so genau wie zwei Sweeps einander gleichen.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_check.py" />
      <source>There is no take of “{name}” at {seat} since it was set so: measure one, and what was foretold is held against it.</source>
      <translation>Seit der Einstellung gibt es keine Messung von „{name}“ bei {seat}: eine machen, und das Vorausgesagte wird dagegen gehalten.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_check.py" />
      <source>{id} does not cover {low_hz:.0f} to {high_hz:.0f} Hz.</source>
      <translation>{id} reicht nicht von {low_hz:.0f} bis {high_hz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_curves.py" />
      <source>all that plays</source>
      <translation>alles, was spielt</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_curves.py" />
      <source>No takes at the other seats: what a cut does there is not known.</source>
      <translation>Keine Messungen an den anderen Hörplätzen: was eine Absenkung dort tut, ist nicht bekannt.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_curves.py" />
      <source>“{name}” has no takes at {main} that tell how {who} is heard as set: measure each loudspeaker alone at the head's centre, with phase, then around it.</source>
      <translation>„{name}“ hat keine Messungen bei {main}, die sagen, wie {who} eingestellt gehört wird: jeden Lautsprecher allein in der Mitte des Kopfs mit Phase messen, dann rundum.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_curves.py" />
      <source>The takes cover {first:.0f} to {last:.0f} Hz; the equaliser of {who} needs {low:.0f} to {needed:.0f} Hz.</source>
      <translation>Die Messungen reichen von {first:.0f} bis {last:.0f} Hz; der Equalizer von {who} braucht {low:.0f} bis {needed:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_curves.py" />
      <source>{name}: heard at the head's centre only. Measure at points around it, or one ear's hill is cut for all.</source>
      <translation>{name}: nur in der Mitte des Kopfs gehört. Auch rundum messen, sonst wird der Hügel eines Ohrs für alle gesenkt.</translation>
    </message>
    <message>
      <location filename="../../analysis/equaliser_curves.py" />
      <source>{name}: the takes have no phase, so a cancellation cannot be told from what a filter could undo; cuts are made all the same, boosts never.</source>
      <translation>{name}: die Messungen haben keine Phase, eine Auslöschung lässt sich also nicht von dem unterscheiden, was ein Filter aufhöbe; gesenkt wird trotzdem, angehoben nie.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>Equaliser at {strength:.0f} %, {count} sections. {told}.</source>
      <translation>Equalizer bei {strength:.0f} %, {count} Filter. {told}.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>{largest_db:.0f} dB at {frequency_hz:.0f} Hz is much to cut.</source>
      <translation>{largest_db:.0f} dB bei {frequency_hz:.0f} Hz sind viel zu senken.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>{begins} Move first: {what} would spare {spared:.0f} dB of it (forecast, {evenness_before_db:.1f} → {evenness_after_db:.1f} dB from even).</source>
      <translation>{begins} Erst bewegen: {what} sparte {spared:.0f} dB davon (Vorhersage, {evenness_before_db:.1f} → {evenness_after_db:.1f} dB uneben).</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>Equaliser off.</source>
      <translation>Equalizer aus.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>{begins} The forecast does not show this hill, so no move against it is known.</source>
      <translation>{begins} Die Vorhersage zeigt diesen Hügel nicht, eine Bewegung dagegen ist also nicht bekannt.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>{begins} No small move of monitors or seat spares it without costing elsewhere.</source>
      <translation>{begins} Keine kleine Bewegung von Monitoren oder Hörplatz spart ihn, ohne anderswo zu kosten.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>From the forecast: hills within a decibel or two are a guess. Measure around the head before you set a section.</source>
      <translation>Aus der Vorhersage: Hügel sind auf ein, zwei Dezibel geraten. Rund um den Kopf messen, ehe ein Filter gesetzt wird.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>at {name}</source>
      <translation>bei {name}</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>Nothing to cut</source>
      <translation>Nichts abzusenken</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>No trims: the models of what plays have no controls.</source>
      <translation>Keine Anpassungen: die Modelle dessen, was spielt, haben keine Regler.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>Trims stay as they are set: to find them from takes each loudspeaker needs one of its own at the main seat, with phase.</source>
      <translation>Anpassungen bleiben, wie sie sind: um sie aus Messungen zu finden, braucht jeder Lautsprecher eine eigene am Haupthörplatz, mit Phase.</translation>
    </message>
    <message>
      <location filename="../../analysis/equalising.py" />
      <source>{name}: {cuts}. Cuts beyond {warn_db:.0f} dB smear: what differs hugely with and without should be moved first.</source>
      <translation>{name}: {cuts}. Absenkungen über {warn_db:.0f} dB verschmieren: was sich mit und ohne so sehr unterscheidet, erst bewegen.</translation>
    </message>
    <message>
      <location filename="../../analysis/experiments.py" />
      <source>{id} at the {seat}, “{name}”</source>
      <translation>{id} am Hörplatz {seat}, „{name}“</translation>
    </message>
    <message>
      <location filename="../../analysis/experiments.py" />
      <source>{file_name}: {words}, measured.</source>
      <translation>{file_name}: {words}, gemessen.</translation>
    </message>
    <message>
      <location filename="../../analysis/experiments.py" />
      <source>{words}, {kind}.</source>
      <translation>{words}, {kind}.</translation>
    </message>
    <message>
      <location filename="../../analysis/experiments.py" />
      <source>There is no take “{take_id}”.</source>
      <translation>Eine Messung „{take_id}“ gibt es nicht.</translation>
    </message>
    <message>
      <location filename="../../analysis/experiments.py" />
      <source>{take_id} is of {source} alone: explain a monitor's take.</source>
      <translation>{take_id} ist allein von {source}: eine Messung eines Monitors erklären lassen.</translation>
    </message>
    <message>
      <location filename="../../analysis/experiments.py" />
      <source>There is no arrangement yet: rough one in first.</source>
      <translation>Noch keine Aufstellung: erst eine anlegen.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>The forecast would have named {name}, {lost:.1f} dB worse measured.</source>
      <translation>Die Vorhersage hätte {name} genannt, gemessen {lost:.1f} dB schlechter.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>The forecast names the same place.</source>
      <translation>Die Vorhersage nennt denselben Ort.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>The forecast names {name}, which is as good.</source>
      <translation>Die Vorhersage nennt {name}, was ebenso gut ist.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>Measured, {sub} alone is most even from: {name}.</source>
      <translation>Gemessen ist {sub} allein am ebensten von: {name}.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>“{sub}” is no subwoofer.</source>
      <translation>„{sub}“ ist kein Subwoofer.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>By forecast {sub} alone is most even from: {best}. Measure a few.</source>
      <translation>Nach der Vorhersage ist {sub} allein am ebensten von: {best}. Einige messen.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>The mean of the {done} places is {average_db:.1f} dB from even, the best one {gain:.1f} dB {gain2}.</source>
      <translation>Im Mittel sind die {done} Orte {average_db:.1f} dB uneben, der beste {gain:.1f} dB {gain2}.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>{count} place not measured yet.</source>
      <translation>{count} Ort ist noch nicht gemessen.</translation>
    </message>
    <message>
      <location filename="../../analysis/floor_walk.py" />
      <source>{count} places not measured yet.</source>
      <translation>{count} Orte sind noch nicht gemessen.</translation>
    </message>
    <message>
      <location filename="../../analysis/handover.py" />
      <source>Forecast, not measured: take a sweep as set before anybody buys treatment for it.</source>
      <translation>Vorhergesagt, nicht gemessen: einen Sweep wie eingestellt machen, ehe jemand dafür Behandlung kauft.</translation>
    </message>
    <message>
      <location filename="../../analysis/handover.py" />
      <source>How long the room rings is not known: no take here has an impulse response. Measure one, or import a WAV.</source>
      <translation>Wie lange der Raum nachklingt, ist nicht bekannt: keine Messung hier hat eine Impulsantwort. Eine messen, oder eine WAV importieren.</translation>
    </message>
    <message>
      <location filename="../../analysis/handover.py" />
      <source>Most pressure, against the ear: {places}.</source>
      <translation>Am meisten Druck, gegen das Ohr: {places}.</translation>
    </message>
    <message>
      <location filename="../../analysis/handover.py" />
      <source>{decay_of}: rings {middle:.2f} s in the middle, longest at {named}.</source>
      <translation>{decay_of}: klingt in der Mitte {middle:.2f} s nach, am längsten bei {named}.</translation>
    </message>
    <message>
      <location filename="../../analysis/handover.py" />
      <source>{where} ({over_ear_db:+.0f} dB)</source>
      <translation>{where} ({over_ear_db:+.0f} dB)</translation>
    </message>
    <message>
      <location filename="../../analysis/handover.py" />
      <source>{midband_hz:.0f} Hz {seconds:.2f} s</source>
      <translation>{midband_hz:.0f} Hz {seconds:.2f} s</translation>
    </message>
    <message>
      <location filename="../../analysis/handover.py" />
      <source>{source}, measured</source>
      <translation>{source}, gemessen</translation>
    </message>
    <message>
      <location filename="../../analysis/hearing.py" />
      <source>Forecast below 300 Hz; direct sound and first reflections to 2 kHz, direct sound above. Not in it: the desk above 300 Hz, where a loudspeaker beams, a head that turns.</source>
      <translation>Vorhersage unter 300 Hz; Direktschall und erste Reflexionen bis 2 kHz, darüber Direktschall. Nicht darin: der Tisch über 300 Hz, das Bündeln der Lautsprecher, ein Kopf, der sich dreht.</translation>
    </message>
    <message>
      <location filename="../../analysis/hearing.py" />
      <source>As the microphone heard it: both ears hear the same where no takes were made left and right of the head's centre</source>
      <translation>Wie das Mikrofon es hörte: beide Ohren hören dasselbe, wo keine Messungen links und rechts der Kopfmitte gemacht wurden</translation>
    </message>
    <message>
      <location filename="../../analysis/hearing.py" />
      <source>“{name}”: at the {seat} an ear is in a wall or a thing; it hears the head's middle.</source>
      <translation>„{name}“: am Hörplatz {seat} ist ein Ohr in einer Wand oder einem Gegenstand; es hört die Mitte des Kopfs.</translation>
    </message>
    <message>
      <location filename="../../analysis/hearing.py" />
      <source>“{name}”: takes of all together, so that both channels sound from both.</source>
      <translation>„{name}“: Messungen von allen zusammen, beide Kanäle klingen also aus beiden.</translation>
    </message>
    <message>
      <location filename="../../analysis/hearing.py" />
      <source>One to {most} arrangements can be heard; {names} are asked for.</source>
      <translation>Eine bis {most} Aufstellungen lassen sich hören; verlangt sind {names}.</translation>
    </message>
    <message>
      <location filename="../../analysis/hearing.py" />
      <source>“{name}” has no takes of {name2} at {seat}: measure it, or listen to the forecast.</source>
      <translation>„{name}“ hat keine Messungen von {name2} bei {seat}: messen, oder die Vorhersage hören.</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>As it stood at step {number} of the Ledger, {day_and_time}.</source>
      <translation>Wie es bei Schritt {number} des Logbuchs stand, {day_and_time}.</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>{name}, step {number}</source>
      <translation>{name}, Schritt {number}</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>You have stood here before (step {number}): then {remembered}.</source>
      <translation>Hier stand es schon einmal (Schritt {number}): damals {remembered}.</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>You have stood here before (step {number}, {day_and_time}), ungraded.</source>
      <translation>Hier stand es schon einmal (Schritt {number}, {day_and_time}), ohne Note.</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>{qualities} was {shown}</source>
      <translation>{qualities} war {shown}</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source> Without {left_out}, which the gear no longer has.</source>
      <translation> Ohne {left_out}, was die Geräte nicht mehr haben.</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>{minutes:.0f} minutes apart</source>
      <translation>{minutes:.0f} Minuten auseinander</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>{minutes:.0f} hours apart</source>
      <translation>{minutes:.0f} Stunden auseinander</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>all in all it was {shown}</source>
      <translation>alles in allem war es {shown}</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>every quality alike</source>
      <translation>jede Eigenschaft gleich</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>There is no step {number}; the Ledger has {ledger}.</source>
      <translation>Einen Schritt {number} gibt es nicht; das Logbuch hat {ledger}.</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>Step {number} is about no arrangement: nothing stood anywhere.</source>
      <translation>Schritt {number} betrifft keine Aufstellung: nirgends stand etwas.</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>nothing stands elsewhere</source>
      <translation>nichts steht anders</translation>
    </message>
    <message>
      <location filename="../../analysis/ledger_steps.py" />
      <source>{what} {a:.1f} → {b:.1f} dB from even</source>
      <translation>{what} {a:.1f} → {b:.1f} dB uneben</translation>
    </message>
    <message>
      <location filename="../../analysis/loudspeakers_alike.py" />
      <source>levels and times matched at the seat. {words}.</source>
      <translation>Pegel und Zeiten am Hörplatz abgeglichen. {words}.</translation>
    </message>
    <message>
      <location filename="../../analysis/loudspeakers_alike.py" />
      <source>{loudspeaker} {gain_db:+.1f} dB, {delay_ms:.2f} ms</source>
      <translation>{loudspeaker} {gain_db:+.1f} dB, {delay_ms:.2f} ms</translation>
    </message>
    <message>
      <location filename="../../analysis/loudspeakers_alike.py" />
      <source>“{name}” has no take of {missing} alone at {name2}: measure each by itself, at up to six points of the head.</source>
      <translation>„{name}“ hat keine Messung von {missing} allein bei {name2}: jeden für sich messen, an bis zu sechs Punkten des Kopfs.</translation>
    </message>
    <message>
      <location filename="../../analysis/loudspeakers_alike.py" />
      <source>{loudspeaker} would have to wait {delay_ms:.0f} ms; move it instead.</source>
      <translation>{loudspeaker} müsste {delay_ms:.0f} ms warten; stattdessen verschieben.</translation>
    </message>
    <message>
      <location filename="../../analysis/loudspeakers_alike.py" />
      <source>Nothing to set</source>
      <translation>Nichts einzustellen</translation>
    </message>
    <message>
      <location filename="../../analysis/measured.py" />
      <source>some without a calibration file: what differs between arrangements holds, as long as the microphone is the same; a hill or hollow that all of them show may be the microphone's</source>
      <translation>einige ohne Kalibrierdatei: was Aufstellungen unterscheidet, gilt, solange das Mikrofon dasselbe ist; ein Hügel oder eine Senke, die alle zeigen, kann vom Mikrofon sein</translation>
    </message>
    <message>
      <location filename="../../analysis/measured.py" />
      <source> at the head's centre ({count} of {heard} also have takes around it)</source>
      <translation> in der Mitte des Kopfs ({count} von {heard} haben auch Messungen rundum)</translation>
    </message>
    <message>
      <location filename="../../analysis/measured.py" />
      <source>; some are simulated</source>
      <translation>; einige sind simuliert</translation>
    </message>
    <message>
      <location filename="../../analysis/measured.py" />
      <source>; they were not all taken with the same level, sweep and calibration</source>
      <translation>; sie wurden nicht alle mit demselben Pegel, Sweep und derselben Kalibrierung gemacht</translation>
    </message>
    <message>
      <location filename="../../analysis/measured.py" />
      <source>, averaged over the head</source>
      <translation>, über den Kopf gemittelt</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>The take of {source} at {seat} ({id})</source>
      <translation>Die Messung von {source} bei {seat} ({id})</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>{named} has no phase, so it cannot be added to others; import the impulse response, or a file with phase.</source>
      <translation>{named} hat keine Phase und lässt sich nicht zu anderen addieren; die Impulsantwort importieren, oder eine Datei mit Phase.</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>{named} was measured without a timing reference, so it cannot be added to others; connect the loopback, or let markers play, and measure again.</source>
      <translation>{named} wurde ohne Zeitbezug gemessen und lässt sich so nicht mit anderen summieren; die Rückführung anschließen oder Marken spielen lassen und noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>The takes cover {low:.0f} to {high:.0f} Hz together; settings need {wanted:.0f} to {wanted2:.0f} Hz.</source>
      <translation>Die Messungen reichen zusammen von {low:.0f} bis {high:.0f} Hz; Einstellungen brauchen {wanted:.0f} bis {wanted2:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>At {seat}, “{name}”, there is no take of {missing} alone: measure or import one, then settings can be found from takes.</source>
      <translation>Bei {seat}, „{name}“, gibt es keine Messung von {missing} allein: eine messen oder importieren, dann lassen sich Einstellungen aus Messungen finden.</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>{seat} is left out: no take there of {missing} alone.</source>
      <translation>{seat} ist ausgelassen: dort keine Messung von {missing} allein.</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>By levels alone {id} would match the pair with {off:+.1f} dB more.</source>
      <translation>Allein nach Pegeln passte {id} mit {off:+.1f} dB mehr zum Paar.</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>At {seat} the takes of {first} and {name} are {apart:.0f} ms further apart than their distances: they have no common time reference, so they cannot be added up.</source>
      <translation>Bei {seat} liegen die Messungen von {first} und {name} {apart:.0f} ms weiter auseinander als ihre Entfernungen: sie haben keinen gemeinsamen Zeitbezug und lassen sich nicht addieren.</translation>
    </message>
    <message>
      <location filename="../../analysis/measured_parts.py" />
      <source>At {seat} {name} comes {apart:.0f} ms later than its distance says: its electronics, or takes without one time reference.</source>
      <translation>Bei {seat} kommt {name} {apart:.0f} ms später, als seine Entfernung sagt: seine Elektronik, oder Messungen ohne gemeinsamen Zeitbezug.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>At the crossover the other polarity adds up better, but over the whole band it would be {over_db:.1f} dB less even: leave it, and turn delay or phase.</source>
      <translation>Am Übergang addiert sich die andere Polarität besser, über den ganzen Bereich wäre es aber {over_db:.1f} dB unebener: so lassen und Verzögerung oder Phase drehen.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>{told}: {gain} by {gain2:.1f} dB.</source>
      <translation>{told}: {gain} um {gain2:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>Polarity restored: at the crossover the two together stand {over_parts_db:+.1f} dB against what they bring without phase; in phase it would be {most_db:+.1f}.</source>
      <translation>Polarität zurückgestellt: am Übergang stehen beide zusammen {over_parts_db:+.1f} dB gegen das, was sie ohne Phase bringen; gleichphasig wären es {most_db:+.1f}.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>{told} They add up.</source>
      <translation>{told} Sie ergänzen sich.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>The polarity is the wrong way round as it is set: turn it over.</source>
      <translation>Die Polarität ist falsch herum eingestellt: umkehren.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>No null: reversed, the two add up by {depth_db:.1f} dB</source>
      <translation>Keine Auslöschung: umgekehrt ergänzen sich beide um {depth_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>{depth_db:.1f} dB deep</source>
      <translation>{depth_db:.1f} dB tief</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>{told}. Turn one knob a little and watch.</source>
      <translation>{told}. Einen Regler ein wenig drehen und zusehen.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>{told}: as before.</source>
      <translation>{told}: wie zuvor.</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>{told} They still work against each other. {turn_over}</source>
      <translation>{told} Sie arbeiten noch gegeneinander. {turn_over}</translation>
    </message>
    <message>
      <location filename="../../analysis/null_meter.py" />
      <source>{told} There is more to be had: go on with the null.</source>
      <translation>{told} Es ist mehr zu holen: mit der Auslöschung weitermachen.</translation>
    </message>
    <message>
      <location filename="../../analysis/room_fit.py" />
      <source>{agreeing_words} with the first proposal below 200 Hz.</source>
      <translation>{agreeing_words} mit dem ersten Vorschlag unter 200 Hz.</translation>
    </message>
    <message>
      <location filename="../../analysis/room_fit.py" />
      <source>{source} at the {seat}{point}, “{name}”</source>
      <translation>{source} am Hörplatz {seat}{point}, „{name}“</translation>
    </message>
    <message>
      <location filename="../../analysis/room_fit.py" />
      <source>There is no take to fit the room to: measure one at Takes, or import a response that covers an octave of 20 to 200 Hz or more.</source>
      <translation>Es gibt keine Messung, an die der Raum sich anpassen ließe: bei „Messungen“ eine machen, oder einen Frequenzgang importieren, der eine Oktave von 20 bis 200 Hz oder mehr abdeckt.</translation>
    </message>
    <message>
      <location filename="../../analysis/room_fit.py" />
      <source>There is no arrangement to choose among: rough one in at Line-up.</source>
      <translation>Es gibt keine Aufstellung zur Wahl: unter „Aufstellen“ eine anlegen.</translation>
    </message>
    <message>
      <location filename="../../analysis/subwoofers.py" />
      <source>This gear has no subwoofer; add one in Gear.</source>
      <translation>Diese Geräte haben keinen Subwoofer; bei „Geräte“ einen hinzufügen.</translation>
    </message>
    <message>
      <location filename="../../analysis/subwoofers.py" />
      <source>{name} would serve best {x:.2f} m from the left and {y:.2f} m from the front{bool}{held}: {gain:.1f} dB more even.</source>
      <translation>{name} diente am besten {x:.2f} m von links und {y:.2f} m von vorn{bool}{held}: {gain:.1f} dB ebener.</translation>
    </message>
    <message>
      <location filename="../../analysis/subwoofers.py" />
      <source>All subwoofers take part: none lies 10 dB or more below the loudest.</source>
      <translation>Alle Subwoofer nehmen teil: keiner liegt 10 dB oder mehr unter dem lautesten.</translation>
    </message>
    <message>
      <location filename="../../analysis/tuning.py" />
      <source>Nothing can be set: the models of what plays have no controls. Say in Gear what their knobs and switches do.</source>
      <translation>Nichts lässt sich einstellen: die Modelle dessen, was spielt, haben keine Regler. Bei „Geräte“ sagen, was ihre Knöpfe und Schalter tun.</translation>
    </message>
    <message>
      <location filename="../../analysis/tuning.py" />
      <source>{before_db:.1f} → {after_db:.1f} dB from even. {changes}.</source>
      <translation>{before_db:.1f} → {after_db:.1f} dB uneben. {changes}.</translation>
    </message>
    <message>
      <location filename="../../analysis/tuning.py" />
      <source>{basis_words}, each at its best settings</source>
      <translation>{basis_words}, jede mit ihren besten Einstellungen</translation>
    </message>
    <message>
      <location filename="../../analysis/tuning.py" />
      <source>There is one seat: nothing to trade. Add another in Gear.</source>
      <translation>Es gibt nur einen Hörplatz: nichts zu tauschen. Bei „Geräte“ einen weiteren hinzufügen.</translation>
    </message>
    <message>
      <location filename="../../analysis/tuning.py" />
      <source>No change</source>
      <translation>Keine Änderung</translation>
    </message>
    <message>
      <location filename="../../analysis/tuning.py" />
      <source>best settings; as set {value_db:.1f} dB, forecast</source>
      <translation>beste Einstellungen; wie eingestellt {value_db:.1f} dB, Vorhersage</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{name}: {count} point open before treating</source>
      <translation>{name}: {count} Punkt ist vor dem Behandeln offen</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{name}: {count} points open before treating</source>
      <translation>{name}: {count} Punkte sind vor dem Behandeln offen</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{name}: good enough. Now treat the room</source>
      <translation>{name}: gut genug. Nun den Raum behandeln</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{name}: not measured yet, so not decided</source>
      <translation>{name}: noch nicht gemessen, also nicht entschieden</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{name}: a move is still worth more than treatment</source>
      <translation>{name}: eine Bewegung bringt noch mehr als Behandlung</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>not picked yet</source>
      <translation>noch nicht gewählt</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Monitors {y} from the front wall, {distance} apart, aimed {aim_words}.</source>
      <translation>Monitore {y} von der vorderen Wand, {distance} auseinander, gerichtet {aim_words}.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Ear at {seat} {y} from the front wall.</source>
      <translation>Ohr bei {seat} {y} von der vorderen Wand.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{value_db:.1f} dB from even, {low_hz:.0f} to {high_hz:.0f} Hz, {basis_of}; less is more even.</source>
      <translation>{value_db:.1f} dB uneben, {low_hz:.0f} bis {high_hz:.0f} Hz, {basis_of}; weniger ist ebener.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>the {kind} at {hertz:.0f} Hz</source>
      <translation>die Abweichung ({kind}) bei {hertz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Move {what}: {before_db:.1f} → {after_db:.1f} dB from even (forecast), against {features}.</source>
      <translation>{what} bewegen: {before_db:.1f} → {after_db:.1f} dB uneben (Vorhersage), gegen {features}.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>No electronics fill {frequency_hz:.0f} Hz ({level_db:.0f} dB); another place or treatment may.</source>
      <translation>Keine Elektronik füllt {frequency_hz:.0f} Hz ({level_db:.0f} dB); ein anderer Ort oder Behandlung vielleicht.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{count} equaliser sections are set, cuts only.</source>
      <translation>{count} Filter des Equalizers sind gesetzt, nur Absenkungen.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>By ear: {what}</source>
      <translation>Nach Gehör: {what}</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Nothing is known of how even it is.</source>
      <translation>Nichts ist bekannt, wie eben es ist.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Measured here: {count} takes apply as it stands.</source>
      <translation>Hier gemessen: {count} Messungen gelten, wie es steht.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Not measured here: a forecast of a lived-in room is right within some 2 to 4 dB, deep hollows by more (docs/accuracy.md).</source>
      <translation>Hier nicht gemessen: eine Vorhersage eines bewohnten Raums stimmt auf etwa 2 bis 4 dB, tiefe Senken auf mehr (docs/accuracy.md).</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>The room was fitted to the takes.</source>
      <translation>Der Raum wurde an die Messungen angepasst.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Leaning within the head's reach costs at most {more:.1f} dB.</source>
      <translation>Lehnen im Spielraum des Kopfs kostet höchstens {more:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Not known yet: {unknown}.</source>
      <translation>Noch nicht bekannt: {unknown}.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Yours to tick: {yours}.</source>
      <translation>Von Ihnen abzuhaken: {yours}.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Nothing that this program knows of.</source>
      <translation>Nichts, wovon dieses Programm weiß.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>{exceeding} early reflections are louder than listening rooms should have: the hand-over list says where.</source>
      <translation>{exceeding} frühe Reflexionen sind lauter, als Hörräume haben sollten: die Übergabeliste sagt, wo.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>The most even of {ranked}: “{name}” comes next with {value_db:.1f} dB.</source>
      <translation>Die ebenste von {ranked}: „{name}“ folgt mit {value_db:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../analysis/verdict.py" />
      <source>Number {place} of {ranked}: “{name}” has {value_db:.1f} dB. Choosing otherwise is yours; the Ledger keeps why.</source>
      <translation>Nummer {place} von {ranked}: „{name}“ hat {value_db:.1f} dB. Anders zu wählen ist Ihre Sache; das Logbuch behält, warum.</translation>
    </message>
  </context>
  <context>
    <name>app</name>
    <message>
      <location filename="../../app/actions.py" />
      <source>&amp;Room</source>
      <translation>&amp;Raum</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>&amp;Change</source>
      <translation>&amp;Ändern</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>&amp;Arrange</source>
      <translation>&amp;Aufstellung</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>&amp;Listen</source>
      <translation>&amp;Hören</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>&amp;Walk</source>
      <translation>Ga&amp;ng</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Loo&amp;k</source>
      <translation>Ans&amp;icht</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>&amp;Help</source>
      <translation>Hil&amp;fe</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../project/blank.py" />
      <location filename="../../project/first_room.py" />
      <source>New room</source>
      <translation>Neuer Raum</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Open…</source>
      <translation>Öffnen …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Open the demo</source>
      <translation>Die Demo öffnen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Open the demo, lived in</source>
      <translation>Die Demo öffnen, bewohnt</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Open Harbour Loft</source>
      <translation>Harbour Loft öffnen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/dialogs.py" />
      <source>Save</source>
      <translation>Speichern</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Save as…</source>
      <translation>Speichern unter …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Save placement card…</source>
      <translation>Aufstellungskarte speichern …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Save full report…</source>
      <translation>Ganzen Bericht speichern …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Print placement card…</source>
      <translation>Aufstellungskarte drucken …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Print full report…</source>
      <translation>Ganzen Bericht drucken …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Leave</source>
      <translation>Beenden</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/menus.py" />
      <source>Undo</source>
      <translation>Rückgängig</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/menus.py" />
      <source>Redo</source>
      <translation>Wiederherstellen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Steps back and forth…</source>
      <translation>Schritte vor und zurück …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Keep left and right alike</source>
      <translation>Links und rechts gleich halten</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Rough in: a third</source>
      <translation>Anlegen: ein Drittel</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Rough in: thirty-eight</source>
      <translation>Anlegen: achtunddreißig</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Rough in: tight to the wall</source>
      <translation>Anlegen: dicht an der Wand</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Search the room</source>
      <translation>Den Raum absuchen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Copy this arrangement</source>
      <translation>Diese Aufstellung kopieren</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Rename…</source>
      <translation>Umbenennen …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Remove this arrangement</source>
      <translation>Diese Aufstellung entfernen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/stations/compare/compare_page.py" />
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Pick this one</source>
      <translation>Diese wählen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/window.py" />
      <source>Previous arrangement</source>
      <translation>Vorige Aufstellung</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/window.py" />
      <source>Next arrangement</source>
      <translation>Nächste Aufstellung</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Flip between the last two</source>
      <translation>Zwischen den letzten beiden wechseln</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Import responses…</source>
      <translation>Frequenzgänge importieren …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Export all takes…</source>
      <translation>Alle Messungen exportieren …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Stop working out the room</source>
      <translation>Die Berechnung des Raums anhalten</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Left alone</source>
      <translation>Links allein</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Right alone</source>
      <translation>Rechts allein</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/widgets/mix_choice.py" />
      <location filename="../../placement/mixes.py" />
      <source>Both</source>
      <translation>Beide</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/widgets/mix_choice.py" />
      <location filename="../../placement/mixes.py" />
      <source>Both and sub</source>
      <translation>Beide und Sub</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Next seat</source>
      <translation>Nächster Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Swap forecast and measured</source>
      <translation>Vorhersage und Messung tauschen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Survey</source>
      <translation>Aufmaß</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Gear</source>
      <translation>Geräte</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Line-up</source>
      <translation>Aufstellen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <location filename="../../app/stations/hear/audition_card.py" />
      <location filename="../../app/stations/signoff/around_card.py" />
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <location filename="../../app/stations/subs/settings_card.py" />
      <location filename="../../app/walk.py" />
      <source>Forecast</source>
      <translation>Vorhersage</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/stations/hear/audition_card.py" />
      <location filename="../../app/walk.py" />
      <source>Takes</source>
      <translation>Messungen</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Compare</source>
      <translation>Vergleich</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Hear</source>
      <translation>Hören</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Fine-tune</source>
      <translation>Feinarbeit</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Subs</source>
      <translation>Subs</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/walk.py" />
      <source>Sign-off</source>
      <translation>Abnahme</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>The Ledger</source>
      <translation>Das Logbuch</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>To the plan</source>
      <translation>Zum Plan</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Tint the plan: seats</source>
      <translation>Den Plan tönen: Hörplätze</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Tint the plan: places of the selected source</source>
      <translation>Den Plan tönen: Orte der gewählten Quelle</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Tint the plan: pressure at the frequency pointed at</source>
      <translation>Den Plan tönen: Druck bei der gezeigten Frequenz</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Evening theme</source>
      <translation>Abendfarben</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/preferences_dialog.py" />
      <source>Feet and inches</source>
      <translation>Fuß und Zoll</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>Preferences…</source>
      <translation>Einstellungen …</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>The guide to this page</source>
      <translation>Der Leitfaden zu dieser Seite</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>The demo in twenty minutes</source>
      <translation>Die Demo in zwanzig Minuten</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>What “dB from even” is</source>
      <translation>Was „dB uneben“ heißt</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>How to measure</source>
      <translation>Wie man misst</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <location filename="../../app/command_methods.py" />
      <source>All keys</source>
      <translation>Alle Tasten</translation>
    </message>
    <message>
      <location filename="../../app/actions.py" />
      <source>About and licences</source>
      <translation>Über das Programm, Lizenzen</translation>
    </message>
    <message>
      <location filename="../../app/calculator.py" />
      <source>You stopped it; any change begins it anew.</source>
      <translation>Von Ihnen angehalten; jede Änderung beginnt von vorn.</translation>
    </message>
    <message>
      <location filename="../../app/calculator.py" />
      <source>working out {name}</source>
      <translation>beim Berechnen: {name}</translation>
    </message>
    <message>
      <location filename="../../app/calculator.py" />
      <source>working ahead</source>
      <translation>beim Vorausrechnen</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>Begun as a copy of “{name}”.</source>
      <translation>Begonnen als Kopie von „{name}“.</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>&lt;p&gt;On the plan: N next item, arrows 1 cm, Shift with arrows 10 cm, Page Up and Page Down for height. On the response: left and right. Escape silences what plays, from anywhere.&lt;/p&gt;</source>
      <translation>&lt;p&gt;Auf dem Plan: N nächster Gegenstand, Pfeile 1 cm, mit Umschalt 10 cm, Bild auf und Bild ab für die Höhe. Im Frequenzgang: links und rechts. Escape bringt alles zum Schweigen, von überall.&lt;/p&gt;</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <location filename="../../app/pictures.py" />
      <source>Saved as {name}.</source>
      <translation>Gespeichert als {name}.</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>{stem} other {now:%Y-%m-%d %H-%M-%S}{suffix}</source>
      <translation>{stem} andere {now:%Y-%m-%d %H-%M-%S}{suffix}</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>{name} copy</source>
      <translation>{name} Kopie</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>Copy {name}</source>
      <translation>{name} kopieren</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>Rename the arrangement</source>
      <translation>Die Aufstellung umbenennen</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>About Jolly Parlor</source>
      <translation>Über Jolly Parlor</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>&lt;h3&gt;Jolly Parlor {version}&lt;/h3&gt;&lt;p&gt;Where the monitors, the subwoofer and the seat belong in this room.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later, without any warranty.&lt;/p&gt;&lt;p&gt;Typefaces Fraunces and Source Sans 3, both under the SIL Open Font License 1.1; the licences lie beside the fonts.&lt;/p&gt;</source>
      <translation>&lt;h3&gt;Jolly Parlor {version}&lt;/h3&gt;&lt;p&gt;Wohin Monitore, Subwoofer und Hörplatz in diesem Raum gehören.&lt;/p&gt;&lt;p&gt;Freie Software unter der GNU General Public License, Version 3 oder später, ohne jede Gewähr.&lt;/p&gt;&lt;p&gt;Schriften Fraunces und Source Sans 3, beide unter der SIL Open Font License 1.1; die Lizenzen liegen bei den Schriften.&lt;/p&gt;</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>{name} is open in another window, which has come to the front.</source>
      <translation>{name} ist in einem anderen Fenster offen, das nach vorn gekommen ist.</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>That is the demo itself, which stays as it is; save under another name.</source>
      <translation>Das ist die Demo selbst, die bleibt, wie sie ist; unter anderem Namen speichern.</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>Saved as {name}; the other version is kept as {name2}.</source>
      <translation>Gespeichert als {name}; die andere Fassung liegt als {name2} daneben.</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>Rename {name}</source>
      <translation>{name} umbenennen</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Remove {name}</source>
      <translation>{name} entfernen</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>{value_db:.1f} dB from even, {layer}.</source>
      <translation>{value_db:.1f} dB uneben, {layer}.</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <location filename="../../app/stations/compare/compare_page.py" />
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Pick {name}</source>
      <translation>{name} wählen</translation>
    </message>
    <message>
      <location filename="../../app/command_methods.py" />
      <source>The other version could not be kept, so nothing was saved: {error}</source>
      <translation>Die andere Fassung ließ sich nicht aufheben, also wurde nichts gespeichert: {error}</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Give three numbers, such as 20, 20000 and 5.</source>
      <translation>Drei Zahlen angeben, etwa 20, 20000 und 5.</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>PDF (*.pdf);;Web page (*.html)</source>
      <translation>PDF (*.pdf);;Webseite (*.html)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Picture of dots (*.png);;Drawing (*.svg)</source>
      <translation>Bild aus Punkten (*.png);;Zeichnung (*.svg)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Table (*.csv);;Words (*.txt);;Biquad coefficients (*.json);;Impulse response for a convolver (*.wav)</source>
      <translation>Tabelle (*.csv);;Worte (*.txt);;Biquad-Koeffizienten (*.json);;Impulsantwort für einen Falter (*.wav)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>{name} is there already.</source>
      <translation>{name} gibt es schon.</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>A cable from one spare output to one spare input is the timing reference.</source>
      <translation>Ein Kabel von einem freien Ausgang zu einem freien Eingang ist der Zeitbezug.</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Open a room</source>
      <translation>Einen Raum öffnen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Rooms (*{suffix});;All files (*)</source>
      <translation>Räume (*{suffix});;Alle Dateien (*)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save the room</source>
      <translation>Den Raum speichern</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Rooms (*{suffix})</source>
      <translation>Räume (*{suffix})</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save the placement card</source>
      <translation>Die Aufstellungskarte speichern</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save the picture</source>
      <translation>Das Bild speichern</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save the table</source>
      <translation>Die Tabelle speichern</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Tables (*.csv)</source>
      <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save the signal</source>
      <translation>Das Signal speichern</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Sounds (*.wav)</source>
      <translation>Klänge (*.wav)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save the equaliser's sections</source>
      <translation>Die Filter des Equalizers speichern</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save the full report</source>
      <translation>Den ganzen Bericht speichern</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Import a response</source>
      <translation>Einen Frequenzgang importieren</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Responses (*.txt *.csv *.frd *.dat *.tsv *.wav *.flac *.aif *.aiff);;All files (*)</source>
      <translation>Frequenzgänge (*.txt *.csv *.frd *.dat *.tsv *.wav *.flac *.aif *.aiff);;Alle Dateien (*)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Unsaved changes</source>
      <translation>Nicht gespeicherte Änderungen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>“{name}” has changes that are not saved.

What you discard is kept for a week in {kept}.</source>
      <translation>„{name}“ hat Änderungen, die nicht gespeichert sind.

Was verworfen wird, bleibt eine Woche in {kept}.</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Unsaved work found</source>
      <translation>Nicht gespeicherte Arbeit gefunden</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Work on “{name}” from {when} was not saved before the program ended.</source>
      <translation>Die Arbeit an „{name}“ von {when} wurde nicht gespeichert, bevor das Programm endete.</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Changed by somebody else</source>
      <translation>Von jemand anderem geändert</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>{file_name} was changed by another window or program since you opened it.

If yours takes its place, the other version is kept beside it.</source>
      <translation>{file_name} wurde seit dem Öffnen von einem anderen Fenster oder Programm geändert.

Tritt Ihre Fassung an die Stelle, bleibt die andere daneben erhalten.</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Name</source>
      <translation>Name</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Where does {file_name} belong?</source>
      <translation>Wohin gehört {file_name}?</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Source</source>
      <translation>Quelle</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <location filename="../../app/stations/finetune/moves_card.py" />
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Seat</source>
      <translation>Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Which file is which?</source>
      <translation>Welche Datei ist welche?</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>What is plugged in where?</source>
      <translation>Was steckt wo?</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>microphone: input</source>
      <translation>Mikrofon: Eingang</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>loopback: output (0: none)</source>
      <translation>Schleife: Ausgang (0: keiner)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>loopback: input (0: none)</source>
      <translation>Schleife: Eingang (0: keiner)</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>sample rate</source>
      <translation>Abtastrate</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>{file_name} sounds like a recorded sweep</source>
      <translation>{file_name} klingt wie ein aufgenommener Sweep</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>It rose from, Hz</source>
      <translation>Er stieg von, Hz</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>to, Hz</source>
      <translation>bis, Hz</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>in, seconds</source>
      <translation>in Sekunden</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Or choose the sound that was played, as WAV.</source>
      <translation>Oder den gespielten Klang als WAV wählen.</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>The sweep as WAV …</source>
      <translation>Der Sweep als WAV …</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <location filename="../../app/judging_dialog.py" />
      <location filename="../../app/preferences_dialog.py" />
      <location filename="../../app/review_dialog.py" />
      <location filename="../../app/steps_dialog.py" />
      <source>Close</source>
      <translation>Schließen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Write over it</source>
      <translation>Überschreiben</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Leave it as it is</source>
      <translation>So lassen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Already there</source>
      <translation>Schon da</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Import</source>
      <translation>Importieren</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Leave out</source>
      <translation>Weglassen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Import these</source>
      <translation>Diese importieren</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Import none</source>
      <translation>Keine importieren</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>{name}: output</source>
      <translation>{name}: Ausgang</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>{hertz} Hz</source>
      <translation>{hertz} Hz</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Use these</source>
      <translation>Diese verwenden</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Leave as it was</source>
      <translation>Lassen, wie es war</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Discard the changes</source>
      <translation>Änderungen verwerfen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Stay here</source>
      <translation>Hier bleiben</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Take it up</source>
      <translation>Aufnehmen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Discard it</source>
      <translation>Verwerfen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Ask me next time</source>
      <translation>Beim nächsten Mal fragen</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Save under another name …</source>
      <translation>Unter anderem Namen speichern …</translation>
    </message>
    <message>
      <location filename="../../app/dialogs.py" />
      <source>Put mine in its place</source>
      <translation>Meine an ihre Stelle setzen</translation>
    </message>
    <message>
      <location filename="../../app/drops.py" />
      <source>A window holds one room: {name} is opened, the other one dropped with it is not.</source>
      <translation>Ein Fenster hat einen Raum: {name} wird geöffnet, der andere mit abgelegte nicht.</translation>
    </message>
    <message>
      <location filename="../../app/drops.py" />
      <source>A window holds one room: {name} is opened, the other {count} dropped with it are not.</source>
      <translation>Ein Fenster hat einen Raum: {name} wird geöffnet, die anderen {count} mit abgelegten nicht.</translation>
    </message>
    <message>
      <location filename="../../app/errands.py" />
      <location filename="../../app/stations/lineup/search_card.py" />
      <location filename="../../app/widgets/working_line.py" />
      <source>Stop</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <location filename="../../app/errands.py" />
      <source>{what}
About {left:.0f} s left.</source>
      <translation>{what}
Noch etwa {left:.0f} s.</translation>
    </message>
    <message>
      <location filename="../../app/errands.py" />
      <location filename="../../studio/levelling.py" />
      <source>Stopped.</source>
      <translation>Angehalten.</translation>
    </message>
    <message>
      <location filename="../../app/errands.py" />
      <source>Stopping …</source>
      <translation>Wird angehalten …</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>in front of you</source>
      <translation>vor Ihnen</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>at your right</source>
      <translation>rechts von Ihnen</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>behind you</source>
      <translation>hinter Ihnen</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>at your left</source>
      <translation>links von Ihnen</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>You measure the room with a tape.</source>
      <translation>Sie messen den Raum mit dem Maßband aus.</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>It tells what is heard where, before anything is lifted.</source>
      <translation>Es sagt, was wo zu hören ist, bevor etwas gehoben wird.</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>It ranks the places, and says why.</source>
      <translation>Es reiht die Plätze und sagt, warum.</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>A room from nine answers</source>
      <translation>Ein Raum aus neun Antworten</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>A new room …</source>
      <translation>Ein neuer Raum …</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>What would you like to do?</source>
      <translation>Was möchten Sie tun?</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>Find where monitors, subs and seat belong, before you lift them</source>
      <translation>Herausfinden, wohin Monitore, Subwoofer und Hörplatz gehören, bevor etwas gehoben wird</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>Open a room …</source>
      <translation>Einen Raum öffnen …</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>Look at the demo</source>
      <translation>Die Demo ansehen</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>A new room takes nine answers; a first proposal follows.</source>
      <translation>Ein neuer Raum braucht neun Antworten; ein erster Vorschlag folgt.</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>What is the room like, and what plays in it?</source>
      <translation>Wie ist der Raum, und was spielt darin?</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>1–3  The room is</source>
      <translation>1–3  Der Raum ist</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>4  Its walls are of</source>
      <translation>4  Seine Wände sind aus</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>nowhere</source>
      <translation>nirgends</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>5  A window is</source>
      <translation>5  Ein Fenster ist</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>6  The door is</source>
      <translation>6  Die Tür ist</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>7  In it stand</source>
      <translation>7  Darin stehen</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>8  It is used as a</source>
      <translation>8  Er dient als</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>9  The monitors are</source>
      <translation>9  Die Monitore sind</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>All of it can be corrected later with the tape.</source>
      <translation>Alles lässt sich später mit dem Maßband berichtigen.</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>Show me where things belong</source>
      <translation>Zeigen, wohin alles gehört</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <source>with a subwoofer</source>
      <translation>mit einem Subwoofer</translation>
    </message>
    <message>
      <location filename="../../app/first_steps.py" />
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>left out</source>
      <translation>weggelassen</translation>
    </message>
    <message>
      <location filename="../../app/fit_state.py" />
      <source>Fitted to {count} takes; too little is explained to go by it at once: look at Takes.</source>
      <translation>An {count} Messungen angepasst; zu wenig ist erklärt, um gleich danach zu gehen: unter Messungen nachsehen.</translation>
    </message>
    <message>
      <location filename="../../app/fit_state.py" />
      <source>Fitted again, to {count} takes: {left:.1f} dB stay unexplained (before {was:.1f}).</source>
      <translation>Neu angepasst, an {count} Messungen: {left:.1f} dB bleiben unerklärt (vorher {was:.1f}).</translation>
    </message>
    <message>
      <location filename="../../app/fit_state.py" />
      <source>Fitted to {count} takes: forecasts, search and comparison now go by what they taught. Takes has the way back.</source>
      <translation>An {count} Messungen angepasst: Vorhersage, Suche und Vergleich gehen jetzt nach dem, was sie lehren. Unter Messungen geht es zurück.</translation>
    </message>
    <message>
      <location filename="../../app/fit_state.py" />
      <source>The survey or the gear has changed: fit the room again.</source>
      <translation>Aufmaß oder Geräte haben sich geändert: den Raum noch einmal einpassen.</translation>
    </message>
    <message>
      <location filename="../../app/help_window.py" />
      <source>The guide</source>
      <translation>Der Leitfaden</translation>
    </message>
    <message>
      <location filename="../../app/help_window.py" />
      <source>Ahead ›</source>
      <translation>Weiter ›</translation>
    </message>
    <message>
      <location filename="../../app/help_window.py" />
      <source>Find in the guide</source>
      <translation>Im Leitfaden suchen</translation>
    </message>
    <message>
      <location filename="../../app/help_window.py" />
      <source>Pages of the guide</source>
      <translation>Seiten des Leitfadens</translation>
    </message>
    <message>
      <location filename="../../app/help_window.py" />
      <source>Page of the guide</source>
      <translation>Seite des Leitfadens</translation>
    </message>
    <message>
      <location filename="../../app/help_window.py" />
      <source>Not in the guide.</source>
      <translation>Nicht im Leitfaden.</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>{size} points from {f:.4g} to {f2:.5g} Hz</source>
      <translation>{size} Punkte von {f:.4g} bis {f2:.5g} Hz</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <location filename="../../app/judging_dialog.py" />
      <location filename="../../app/plots/analysis_view.py" />
      <location filename="../../app/plots/curve_rows.py" />
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <location filename="../../app/stations/gear/shared_entries.py" />
      <location filename="../../app/stations/subs/set_card.py" />
      <location filename="../../app/stations/takes/sweep_row.py" />
      <location filename="../../placement/chains.py" />
      <location filename="../../signals/tables.py" />
      <location filename="../../vocabulary.py" />
      <source>Hz</source>
      <translation>Hz</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>Is {file_name} read rightly?</source>
      <translation>Ist {file_name} richtig gelesen?</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>The file begins</source>
      <translation>Die Datei beginnt</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>Take it</source>
      <translation>Übernehmen</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>Leave it</source>
      <translation>Nicht übernehmen</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>with phase</source>
      <translation>mit Phase</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>without phase</source>
      <translation>ohne Phase</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>{span}, {level:.0f} to {level2:.0f} dB, {phase}</source>
      <translation>{span}, {level:.0f} bis {level2:.0f} dB, {phase}</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>{file_name}, as {where}</source>
      <translation>{file_name}, als {where}</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>It holds several curves. Take</source>
      <translation>Sie enthält mehrere Kurven. Nehmen:</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>Read as</source>
      <translation>Gelesen als</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>column {number} is</source>
      <translation>Spalte {number} ist</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source>column {number}</source>
      <translation>Spalte {number}</translation>
    </message>
    <message>
      <location filename="../../app/import_preview.py" />
      <source> Or say above what each column is.</source>
      <translation> Oder oben sagen, was jede Spalte ist.</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>&lt;p&gt;&lt;b&gt;dB from even&lt;/b&gt; says how far what is heard strays from its target on the whole. 0 dB would be perfectly even; of two places, the one with the smaller figure is the more even.&lt;/p&gt;&lt;p&gt;The level is averaged over 1/{smoothing_per_octave} octave and held against the target and against its own mean, so loudness does not count. Squares are averaged over the band; a hollow weighs {dip_weight:g} times as much as a hill of its size, since a hill can be turned down and a cancellation cannot be filled (common practice, no source).&lt;/p&gt;&lt;p&gt;The search weighs both monitors together at half and each alone at a quarter, over the points a head moves through, and what left and right differ by at a tenth of its square ({match_weight:g}).&lt;/p&gt;</source>
      <translation>&lt;p&gt;&lt;b&gt;dB uneben&lt;/b&gt; sagt, wie weit das Gehörte im Ganzen von seinem Ziel abweicht. 0 dB wäre vollkommen eben; von zwei Orten ist der mit der kleineren Zahl der ebenere.&lt;/p&gt;&lt;p&gt;Der Pegel wird über 1/{smoothing_per_octave} Oktave gemittelt und gegen das Ziel und den eigenen Mittelwert gehalten, Lautheit zählt also nicht. Quadrate werden über das Band gemittelt; eine Senke wiegt {dip_weight:g}-mal so viel wie ein Hügel ihrer Größe, denn ein Hügel lässt sich absenken und eine Auslöschung nicht füllen (gängige Praxis, ohne Quelle).&lt;/p&gt;&lt;p&gt;Die Suche gewichtet beide Monitore zusammen zur Hälfte und jeden allein zu einem Viertel, über die Punkte, durch die ein Kopf sich bewegt, und den Unterschied von links und rechts zu einem Zehntel seines Quadrats ({match_weight:g}).&lt;/p&gt;</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>What is this figure?</source>
      <translation>Was ist diese Zahl?</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>A worked example …</source>
      <translation>Ein gerechnetes Beispiel …</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>As usual</source>
      <translation>Wie üblich</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>From the lowest corner of what plays to 300 Hz, forecasts and takes.</source>
      <translation>Von der untersten Grenze dessen, was spielt, bis 300 Hz, Vorhersagen wie Messungen.</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>Takes 30 to 700 Hz</source>
      <translation>Messungen 30 bis 700 Hz</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>What many compare measured curves over. Forecasts end at 300 Hz; where both stand side by side, takes are judged as forecasts are.</source>
      <translation>Worüber viele gemessene Kurven vergleichen. Vorhersagen enden bei 300 Hz; wo beide nebeneinander stehen, werden Messungen beurteilt wie Vorhersagen.</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>Judged from</source>
      <translation>Beurteilt ab</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>dB per octave</source>
      <translation>dB je Oktave</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>Against</source>
      <translation>Gegen</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>, takes to {takes:.0f} Hz</source>
      <translation>, Messungen bis {takes:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>{what}: judged {low:.0f} to {high:.0f} Hz{also}, against {words}.</source>
      <translation>{what}: beurteilt von {low:.0f} bis {high:.0f} Hz{also}, gegen {words}.</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>Judged otherwise</source>
      <translation>Anders beurteilt</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>takes to</source>
      <translation>Messungen bis</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>with a slope of</source>
      <translation>mit einem Gefälle von</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>Flat</source>
      <translation>Gerade</translation>
    </message>
    <message>
      <location filename="../../app/judging_dialog.py" />
      <source>Curve from a file …</source>
      <translation>Kurve aus einer Datei …</translation>
    </message>
    <message>
      <location filename="../../app/known_fields.py" />
      <source>You stopped it; any change of the survey begins anew.</source>
      <translation>Von Ihnen angehalten; jede Änderung des Aufmaßes beginnt von vorn.</translation>
    </message>
    <message>
      <location filename="../../app/known_fields.py" />
      <source>working out the room</source>
      <translation>beim Berechnen des Raums</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>A phone or sound level meter beside the microphone, while noise plays</source>
      <translation>Ein Telefon oder Pegelmesser neben dem Mikrofon, während Rauschen spielt</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>A calibrator's tone on the microphone</source>
      <translation>Der Ton eines Kalibrators auf dem Mikrofon</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>The microphone's sensitivity, and the input's full scale in volts</source>
      <translation>Die Empfindlichkeit des Mikrofons und die Vollaussteuerung des Eingangs in Volt</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>The microphone's file, which knows its input (with its gain as it came)</source>
      <translation>Die Datei des Mikrofons, die ihren Eingang kennt (mit der Verstärkung, wie sie geliefert wurde)</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>Calibrator on the microphone and sounding, dB SPL:</source>
      <translation>Kalibrator auf dem Mikrofon und in Betrieb, dB SPL:</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>What it read, in dB(A), slow, beside the microphone:</source>
      <translation>Was es anzeigte, in dB(A), langsam, neben dem Mikrofon:</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>Volts (effective) at full scale, with the gain as it is:</source>
      <translation>Volt (effektiv) bei Vollaussteuerung, mit der Verstärkung, wie sie ist:</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>How loud is it?</source>
      <translation>Wie laut ist es?</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>Tell the level by:</source>
      <translation>Der Pegel ist bekannt durch:</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>Calibrate</source>
      <translation>Kalibrieren</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>What did it read?</source>
      <translation>Was zeigte es an?</translation>
    </message>
    <message>
      <location filename="../../app/level_dialogs.py" />
      <source>The input's full scale</source>
      <translation>Die Vollaussteuerung des Eingangs</translation>
    </message>
    <message>
      <location filename="../../app/menus.py" />
      <source>Undo: {undo_label}</source>
      <translation>Rückgängig: {undo_label}</translation>
    </message>
    <message>
      <location filename="../../app/menus.py" />
      <source>Redo: {redo_label}</source>
      <translation>Wiederherstellen: {redo_label}</translation>
    </message>
    <message>
      <location filename="../../app/menus.py" />
      <source>None yet</source>
      <translation>Noch keine</translation>
    </message>
    <message>
      <location filename="../../app/menus.py" />
      <source>Copy or save what this page shows</source>
      <translation>Kopieren oder speichern, was diese Seite zeigt</translation>
    </message>
    <message>
      <location filename="../../app/menus.py" />
      <source>Recent rooms</source>
      <translation>Zuletzt geöffnete Räume</translation>
    </message>
    <message>
      <location filename="../../app/menus.py" />
      <source>{stem}, in {name}</source>
      <translation>{stem}, in {name}</translation>
    </message>
    <message>
      <location filename="../../app/opening.py" />
      <location filename="../../app/window.py" />
      <source>Jolly Parlor</source>
      <translation>Jolly Parlor</translation>
    </message>
    <message>
      <location filename="../../app/opening.py" />
      <source>Opening {opened} …</source>
      <translation>{opened} wird geöffnet …</translation>
    </message>
    <message>
      <location filename="../../app/opening.py" />
      <source>Opening …</source>
      <translation>Wird geöffnet …</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>Placement card saved as {name}.</source>
      <translation>Aufstellungskarte als {name} gespeichert.</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>Report saved as {name}.</source>
      <translation>Bericht als {name} gespeichert.</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>Export all takes into a folder</source>
      <translation>Alle Messungen in einen Ordner exportieren</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>{made} files written into {name}: CSV, text and WAV.</source>
      <translation>{made} Dateien in {name} geschrieben: CSV, Text und WAV.</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>Working out the report …</source>
      <translation>Der Bericht wird ausgearbeitet …</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>the placement card</source>
      <translation>die Aufstellungskarte</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>Working out the placement card …</source>
      <translation>Die Aufstellungskarte wird ausgearbeitet …</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>the report</source>
      <translation>der Bericht</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>writing the placement card</source>
      <translation>beim Schreiben der Aufstellungskarte</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>writing the report</source>
      <translation>beim Schreiben des Berichts</translation>
    </message>
    <message>
      <location filename="../../app/paper_commands.py" />
      <source>printing {what}</source>
      <translation>beim Drucken: {what}</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>Table</source>
      <translation>Tabelle</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>Nothing on this page</source>
      <translation>Nichts auf dieser Seite</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>Copy the picture</source>
      <translation>Das Bild kopieren</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>Save the picture …</source>
      <translation>Das Bild speichern …</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>Copy the figures</source>
      <translation>Die Zahlen kopieren</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>Save the figures …</source>
      <translation>Die Zahlen speichern …</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>Copy it in words</source>
      <translation>In Worten kopieren</translation>
    </message>
    <message>
      <location filename="../../app/pictures.py" />
      <source>the picture could not be written</source>
      <translation>das Bild ließ sich nicht schreiben</translation>
    </message>
    <message>
      <location filename="../../app/plan/grips.py" />
      <source>Move the corner where {name} begins</source>
      <translation>Die Ecke verschieben, wo {name} beginnt</translation>
    </message>
    <message>
      <location filename="../../app/plan/grips.py" />
      <source>Move the {name}</source>
      <translation>{name} verschieben</translation>
    </message>
    <message>
      <location filename="../../app/plan/grips.py" />
      <source>Move the wall {name}</source>
      <translation>Die Wand {name} verschieben</translation>
    </message>
    <message>
      <location filename="../../app/plan/painting.py" />
      <source>sub here</source>
      <translation>Sub hier</translation>
    </message>
    <message>
      <location filename="../../app/plan/painting.py" />
      <source>Nothing stands here yet.</source>
      <translation>Hier steht noch nichts.</translation>
    </message>
    <message>
      <location filename="../../app/plan/painting.py" />
      <source>Rough in a first</source>
      <translation>Unter „Aufstellen“ eine</translation>
    </message>
    <message>
      <location filename="../../app/plan/painting.py" />
      <source>arrangement at Line-up.</source>
      <translation>erste Aufstellung anlegen.</translation>
    </message>
    <message>
      <location filename="../../app/plan/shell.py" />
      <source>facing the {words_of}</source>
      <translation>Blick auf {words_of}</translation>
    </message>
    <message>
      <location filename="../../app/plan/small_plan.py" />
      <source>plan of {name}</source>
      <translation>Plan von {name}</translation>
    </message>
    <message>
      <location filename="../../app/plan/tint_painter.py" />
      <source>calmest for the {what}, {low:.1f} dB</source>
      <translation>am ruhigsten für {what}, {low:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/plan/tint_painter.py" />
      <source>{frequency_hz:.0f} Hz: teal −{quiet_db:.0f} dB, ochre +{loud_db:.0f} dB</source>
      <translation>{frequency_hz:.0f} Hz: Petrol −{quiet_db:.0f} dB, Ocker +{loud_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../app/plan/tint_painter.py" />
      <source>section through the seat</source>
      <translation>Schnitt durch den Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/plan/view.py" />
      <source>nudge {number_of_series} of {selected}</source>
      <translation>{selected} schieben, {number_of_series}</translation>
    </message>
    <message>
      <location filename="../../app/plan/view.py" />
      <source>Plan of the room</source>
      <translation>Plan des Raums</translation>
    </message>
    <message>
      <location filename="../../app/plan/view.py" />
      <source>Drag anything. Keys: N next item, arrows 1 cm (Shift 10 cm), Page Up and Down height. [ and ] turn a subwoofer, Backspace lets it look away from its wall. In Survey, W takes the next wall, thing or corner.</source>
      <translation>Alles lässt sich ziehen. Tasten: N nächstes Ding, Pfeile 1 cm (Umschalt 10 cm), Bild auf und ab Höhe. [ und ] drehen einen Subwoofer, Rücktaste lässt ihn von seiner Wand weg schauen. In der Aufnahme nimmt W die nächste Wand, das nächste Ding oder die nächste Ecke.</translation>
    </message>
    <message>
      <location filename="../../app/plan/view.py" />
      <source>That region is smaller than 20 cm; drag a larger one.</source>
      <translation>Dieser Bereich ist kleiner als 20 cm; einen größeren aufziehen.</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>from the left wall</source>
      <translation>von der linken Wand</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <location filename="../../by_ear/steps.py" />
      <location filename="../../placement/tape.py" />
      <source>from the front wall</source>
      <translation>von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <source>Zone strips</source>
      <translation>Zonenstreifen</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <source>How even it would be with the selected thing slid along: distance from the front wall, from the left wall, height. Low and teal is calm, high and ochre rough. Click to move it.</source>
      <translation>Wie eben es wäre, würde das Gewählte verschoben: Abstand von der vorderen Wand, von der linken Wand, Höhe. Niedrig und petrol ist ruhig, hoch und ocker rau. Klicken verschiebt es.</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <source>{along}: calmest at {length}, now {length2}.</source>
      <translation>{along}: am ruhigsten bei {length}, jetzt {length2}.</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <source>{mix} at the {seat}, {basis}.</source>
      <translation>{mix} am Platz {seat}, {basis}.</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <location filename="../../app/plots/place_strip.py" />
      <location filename="../../app/plots/row.py" />
      <location filename="../../report/full.py" />
      <source>dB from even</source>
      <translation>dB uneben</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <source>No strips.</source>
      <translation>Keine Streifen.</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <source> calm {calm}</source>
      <translation> ruhig {calm}</translation>
    </message>
    <message>
      <location filename="../../app/plan/zone_strips.py" />
      <source>calm {calm}</source>
      <translation>ruhig {calm}</translation>
    </message>
    <message>
      <location filename="../../app/player.py" />
      <source>Something plays already: silence it first.</source>
      <translation>Es spielt schon etwas: erst zum Schweigen bringen.</translation>
    </message>
    <message>
      <location filename="../../app/player.py" />
      <source>The simulated studio is silent; ask its listener.</source>
      <translation>Das simulierte Studio ist stumm; seinen Hörer fragen.</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Level of what the gates let through.</source>
      <translation>Pegel dessen, was die Fenster durchlassen.</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Line: phase with the arrival's delay taken out. Dotted: excess phase, what no equaliser can undo.</source>
      <translation>Linie: Phase ohne die Laufzeit. Punkte: Überschussphase, die kein Equalizer aufhebt.</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Group delay beyond the arrival.</source>
      <translation>Gruppenlaufzeit über die Ankunft hinaus.</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Sound after the arrival, loudest in each moment.</source>
      <translation>Schall nach der Ankunft, der lauteste in jedem Augenblick.</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Blocks: third-octave bands. Dots: single resonances told apart below 160 Hz.</source>
      <translation>Blöcke: Terzbänder. Punkte: einzelne Resonanzen, unter 160 Hz auseinandergehalten.</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>How long each frequency takes to fall by 10, 20 and 30 dB; gaps are noise.</source>
      <translation>Wie lange jede Frequenz braucht, um 10, 20 und 30 dB zu fallen; Lücken sind Rauschen.</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Level</source>
      <translation>Pegel</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Phase</source>
      <translation>Phase</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Delay</source>
      <translation>Laufzeit</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Over time</source>
      <translation>Über die Zeit</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <location filename="../../training/lessons.py" />
      <source>Ringing</source>
      <translation>Nachklingen</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>Fading</source>
      <translation>Abklingen</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>milliseconds after the arrival</source>
      <translation>Millisekunden nach der Ankunft</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>dB below the peak</source>
      <translation>dB unter der Spitze</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>seconds to −60 dB</source>
      <translation>Sekunden bis −60 dB</translation>
    </message>
    <message>
      <location filename="../../app/plots/analysis_view.py" />
      <source>{falls_db:.0f} dB</source>
      <translation>{falls_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../app/plots/effect_plot.py" />
      <source>as is</source>
      <translation>wie es ist</translation>
    </message>
    <message>
      <location filename="../../app/plots/effect_plot.py" />
      <source>What it does to both channels together, by frequency</source>
      <translation>Was es beiden Kanälen zusammen tut, über der Frequenz</translation>
    </message>
    <message>
      <location filename="../../app/plots/effect_plot.py" />
      <source>highest {level_db:+.1f} dB at {effect_hz:.0f} Hz, lowest {level_db2:+.1f} dB at {effect_hz2:.0f} Hz</source>
      <translation>höchstens {level_db:+.1f} dB bei {effect_hz:.0f} Hz, mindestens {level_db2:+.1f} dB bei {effect_hz2:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/plots/effect_plot.py" />
      <location filename="../../app/plots/share_posts.py" />
      <source> Hz</source>
      <translation> Hz</translation>
    </message>
    <message>
      <location filename="../../app/plots/hills.py" />
      <source>{f} Hz</source>
      <translation>{f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source>Evenness and grades over the steps of the Ledger</source>
      <translation>Ebenheit und Noten über die Schritte des Logbuchs</translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source>dB from even: lower is better</source>
      <translation>dB uneben: niedriger ist besser</translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source>grade by ear: higher is better</source>
      <translation>Note nach Gehör: höher ist besser</translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source>both monitors </source>
      <translation>beide Monitore </translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source> from the front wall</source>
      <translation> von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source> the front</source>
      <translation> der vorderen</translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source>Step {number}: {what}</source>
      <translation>Schritt {number}: {what}</translation>
    </message>
    <message>
      <location filename="../../app/plots/history_plot.py" />
      <source>Nothing has a figure yet.</source>
      <translation>Noch hat nichts eine Zahl.</translation>
    </message>
    <message>
      <location filename="../../app/plots/lanes.py" />
      <source>first at {first_hz:.0f} Hz, beyond this range  </source>
      <translation>zuerst bei {first_hz:.0f} Hz, außerhalb dieses Bereichs  </translation>
    </message>
    <message>
      <location filename="../../app/plots/place_strip.py" />
      <source>deepest {deepest_db:.0f} dB at {deepest_hz:.0f} Hz</source>
      <translation>am tiefsten {deepest_db:.0f} dB bei {deepest_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/plots/place_strip.py" />
      <source>response, {name}</source>
      <translation>Frequenzgang, {name}</translation>
    </message>
    <message>
      <location filename="../../app/plots/place_strip.py" />
      <source>{told}, highest {highest_db:+.0f} at {highest_hz:.0f} Hz</source>
      <translation>{told}, am höchsten {highest_db:+.0f} bei {highest_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source> {frequency:.0f} Hz </source>
      <translation> {frequency:.0f} Hz </translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source>Response and cause lanes</source>
      <translation>Frequenzgang und Ursachenspuren</translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source>Point at a hollow or a lane. Keys: left and right move the cursor.</source>
      <translation>Auf eine Senke oder eine Spur zeigen. Tasten: links und rechts bewegen den Zeiger.</translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source>{mix} at the {seat}, {layer}: {value_db:.1f} dB from even. {curve_words}</source>
      <translation>{mix} am Hörplatz {seat}, {layer}: {value_db:.1f} dB uneben. {curve_words}</translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source> {level:+.0f} dB </source>
      <translation> {level:+.0f} dB </translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <location filename="../../app/plots/row.py" />
      <source>No curve.</source>
      <translation>Keine Kurve.</translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source> about {level:+.0f} dB </source>
      <translation> etwa {level:+.0f} dB </translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source>forecast, dB from even</source>
      <translation>Vorhersage, dB uneben</translation>
    </message>
    <message>
      <location filename="../../app/plots/response_plot.py" />
      <source>measured, dB</source>
      <translation>gemessen, dB</translation>
    </message>
    <message>
      <location filename="../../app/plots/row.py" />
      <source>Response, {name}</source>
      <translation>Frequenzgang, {name}</translation>
    </message>
    <message>
      <location filename="../../app/plots/row.py" />
      <source>dotted, dB</source>
      <translation>gepunktet, dB</translation>
    </message>
    <message>
      <location filename="../../app/plots/seat_trades.py" />
      <source>Evenness of the main seat against the others</source>
      <translation>Ebenheit des Haupthörplatzes gegen die anderen</translation>
    </message>
    <message>
      <location filename="../../app/plots/seat_trades.py" />
      <source>dB from even at the main seat</source>
      <translation>dB uneben am Haupthörplatz</translation>
    </message>
    <message>
      <location filename="../../app/plots/seat_trades.py" />
      <source>at the others</source>
      <translation>an den anderen</translation>
    </message>
    <message>
      <location filename="../../app/plots/seat_trades.py" />
      <source>{a:.1f} and {b:.1f} dB</source>
      <translation>{a:.1f} und {b:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/plots/share_posts.py" />
      <source>share of the work by subwoofer and third of an octave</source>
      <translation>Anteil an der Arbeit nach Subwoofer und Terz</translation>
    </message>
    <message>
      <location filename="../../app/plots/share_posts.py" />
      <source>{span_db:.0f} dB tall</source>
      <translation>{span_db:.0f} dB hoch</translation>
    </message>
    <message>
      <location filename="../../app/plots/share_posts.py" />
      <source>{share:.0f} %</source>
      <translation>{share:.0f} %</translation>
    </message>
    <message>
      <location filename="../../app/plots/share_posts.py" />
      <source>{f:g} Hz {share:.0f} %</source>
      <translation>{f:g} Hz {share:.0f} %</translation>
    </message>
    <message>
      <location filename="../../app/plots/staircase_plot.py" />
      <source>Trials, from plain at the top to small at the bottom</source>
      <translation>Versuche, oben deutlich, unten klein</translation>
    </message>
    <message>
      <location filename="../../app/plots/staircase_plot.py" />
      <source>{steps} trials, {right} right</source>
      <translation>{steps} Versuche, {right} richtig</translation>
    </message>
    <message>
      <location filename="../../app/plots/trades.py" />
      <source>Evenness against distance moved</source>
      <translation>Ebenheit gegen bewegte Strecke</translation>
    </message>
    <message>
      <location filename="../../app/plots/trades.py" />
      <source>metres that the farthest thing moves</source>
      <translation>Meter, um die sich das Weiteste bewegt</translation>
    </message>
    <message>
      <location filename="../../app/plots/trades.py" />
      <source>dB from even, monitors</source>
      <translation>dB uneben, Monitore</translation>
    </message>
    <message>
      <location filename="../../app/plots/two_arrows.py" />
      <source>The first signal, the second and their sum</source>
      <translation>Das erste Signal, das zweite und ihre Summe</translation>
    </message>
    <message>
      <location filename="../../app/plots/two_arrows.py" />
      <source>second {level_db:.0f} dB at {phase_degrees:.0f} degrees: sum {sum_db:+.1f} dB</source>
      <translation>zweites {level_db:.0f} dB bei {phase_degrees:.0f} Grad: Summe {sum_db:+.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/plots/upper_layer.py" />
      <source>less certain:
direct sound, first reflections</source>
      <translation>weniger sicher:
Direktschall, erste Reflexionen</translation>
    </message>
    <message>
      <location filename="../../app/plots/upper_layer.py" />
      <source>not judged</source>
      <translation>nicht beurteilt</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>The limit is for what the program plays; how loud that is in the room depends on the amplifier. Begin quietly: long listening above 85 dB(A) harms hearing.</source>
      <translation>Die Grenze gilt für das, was das Programm spielt; wie laut das im Raum ist, hängt vom Verstärker ab. Leise beginnen: langes Hören über 85 dB(A) schadet dem Gehör.</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Colours</source>
      <translation>Farben</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Text</source>
      <translation>Schrift</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Language, from the next start</source>
      <translation>Sprache, ab dem nächsten Start</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Lengths</source>
      <translation>Längen</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Paper</source>
      <translation>Papier</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Sounds never louder than</source>
      <translation>Klänge nie lauter als</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>are kept in the document, and as files in {kept}</source>
      <translation>bleiben im Dokument und als Dateien in {kept}</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Preferences</source>
      <translation>Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>In the document only</source>
      <translation>Nur im Dokument</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Keep measured takes in a folder</source>
      <translation>Gemessenes in einem Ordner aufheben</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>As the desktop</source>
      <translation>Wie der Desktop</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Day</source>
      <translation>Tag</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Evening</source>
      <translation>Abend</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Usual</source>
      <translation>Üblich</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>A quarter larger</source>
      <translation>Ein Viertel größer</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Half as large again</source>
      <translation>Anderthalbmal so groß</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Twice as large</source>
      <translation>Doppelt so groß</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Metres</source>
      <translation>Meter</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>By the lengths</source>
      <translation>Nach den Längen</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Letter</source>
      <translation>Letter</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>what each page allows</source>
      <translation>was jede Seite erlaubt</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>−18 dB full scale</source>
      <translation>−18 dB Vollaussteuerung</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>−24 dB full scale</source>
      <translation>−24 dB Vollaussteuerung</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Takes measured here</source>
      <translation>Hier Gemessenes</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>Also keep in …</source>
      <translation>Auch aufheben in …</translation>
    </message>
    <message>
      <location filename="../../app/preferences_dialog.py" />
      <source>are kept in the document</source>
      <translation>bleibt im Dokument</translation>
    </message>
    <message>
      <location filename="../../app/printing.py" />
      <source>Before printing</source>
      <translation>Vor dem Drucken</translation>
    </message>
    <message>
      <location filename="../../app/printing.py" />
      <source>The pages could not be read to be printed; save them as PDF instead.</source>
      <translation>Die Seiten ließen sich zum Drucken nicht lesen; stattdessen als PDF speichern.</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the forecast</source>
      <translation>die Vorhersage</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the plan's tint</source>
      <translation>die Tönung des Plans</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the zone strips</source>
      <translation>die Zonenstreifen</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>how sure the forecast is</source>
      <translation>wie sicher die Vorhersage ist</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what a take tells</source>
      <translation>was eine Messung sagt</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the room's fit</source>
      <translation>das Einpassen des Raums</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what to measure next</source>
      <translation>was als Nächstes zu messen ist</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the comparison</source>
      <translation>der Vergleich</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what stands out</source>
      <translation>was heraussticht</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what to try next</source>
      <translation>was als Nächstes zu versuchen ist</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>which wall to face</source>
      <translation>welche Wand anzuschauen ist</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what each thing does</source>
      <translation>was jeder Gegenstand tut</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the best settings</source>
      <translation>die besten Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what each subwoofer does</source>
      <translation>was jeder Subwoofer tut</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>a first proposal</source>
      <translation>ein erster Vorschlag</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>how even what is lined up is</source>
      <translation>wie ausgeglichen das Aufgestellte ist</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>how even the schools are</source>
      <translation>wie eben die Schulen sind</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>how the subwoofers stand to the pair</source>
      <translation>wie die Subwoofer zum Paar stehen</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the subwoofer round the floor</source>
      <translation>der Subwoofer rundum am Boden</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what seats can trade</source>
      <translation>was Hörplätze tauschen können</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what further subwoofers buy</source>
      <translation>was weitere Subwoofer bringen</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what a move would do</source>
      <translation>was eine Bewegung täte</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what the forecast has of the calm zone</source>
      <translation>was die Vorhersage von der Ruhezone hat</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what the forecast has of the hunt</source>
      <translation>was die Vorhersage von der Jagd hat</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what the notes are</source>
      <translation>was die Töne sind</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what is left before signing off</source>
      <translation>was vor der Abnahme bleibt</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the equaliser</source>
      <translation>der Equalizer</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the loudspeakers around the seat</source>
      <translation>die Lautsprecher rund um den Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what is heard first</source>
      <translation>was zuerst gehört wird</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what is to be heard</source>
      <translation>was zu hören sein wird</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>what this room has of the lesson</source>
      <translation>was dieser Raum von der Lektion hat</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the sounds of the lesson</source>
      <translation>die Klänge der Lektion</translation>
    </message>
    <message>
      <location filename="../../app/questions.py" />
      <source>the figures of the Ledger</source>
      <translation>die Zahlen des Logbuchs</translation>
    </message>
    <message>
      <location filename="../../app/review_dialog.py" />
      <source>The room by eye</source>
      <translation>Der Raum nach Augenschein</translation>
    </message>
    <message>
      <location filename="../../app/review_dialog.py" />
      <source>Review by eye</source>
      <translation>Durchsicht nach Augenschein</translation>
    </message>
    <message>
      <location filename="../../app/review_dialog.py" />
      <source>Look round …</source>
      <translation>Umschauen …</translation>
    </message>
    <message>
      <location filename="../../app/review_dialog.py" />
      <source>review {key}</source>
      <translation>Durchsicht {key}</translation>
    </message>
    <message>
      <location filename="../../app/review_dialog.py" />
      <source>and {faults} more.</source>
      <translation>und {faults} weitere.</translation>
    </message>
    <message>
      <location filename="../../app/safety.py" />
      <source>The safety copy could not be written: {error}</source>
      <translation>Die Sicherheitskopie ließ sich nicht schreiben: {error}</translation>
    </message>
    <message>
      <location filename="../../app/selection.py" />
      <source>Change the desk</source>
      <translation>Tisch ändern</translation>
    </message>
    <message>
      <location filename="../../app/selection.py" />
      <source>Move in {name}</source>
      <translation>Verschieben in {name}</translation>
    </message>
    <message>
      <location filename="../../app/selection.py" />
      <source>at “{label}”</source>
      <translation>bei „{label}“</translation>
    </message>
    <message>
      <location filename="../../app/session.py" />
      <source>forecast as fitted</source>
      <translation>Vorhersage wie angepasst</translation>
    </message>
    <message>
      <location filename="../../app/session.py" />
      <location filename="../../vocabulary.py" />
      <location filename="../../report/templates/card.html" />
      <source>forecast</source>
      <translation>Vorhersage</translation>
    </message>
    <message>
      <location filename="../../app/session.py" />
      <location filename="../../app/stations/takes/take_chip.py" />
      <location filename="../../vocabulary.py" />
      <location filename="../../report/templates/card.html" />
      <source>measured</source>
      <translation>gemessen</translation>
    </message>
    <message>
      <location filename="../../app/session.py" />
      <source>“{first}” now comes first, before “{was}”.</source>
      <translation>„{first}“ steht jetzt vorn, vor „{was}“.</translation>
    </message>
    <message>
      <location filename="../../app/shaping_state.py" />
      <source>Call the {wall} wall {to}</source>
      <translation>Die Wand {wall} nennen: {to}</translation>
    </message>
    <message>
      <location filename="../../app/sound_dialogs.py" />
      <source>Music (*.wav *.flac *.WAV *.FLAC)</source>
      <translation>Musik (*.wav *.flac *.WAV *.FLAC)</translation>
    </message>
    <message>
      <location filename="../../app/sound_dialogs.py" />
      <source>Choose a piece of your own</source>
      <translation>Ein eigenes Stück wählen</translation>
    </message>
    <message>
      <location filename="../../app/sound_dialogs.py" />
      <source>Write the sounds into a folder</source>
      <translation>Die Klänge in einen Ordner schreiben</translation>
    </message>
    <message>
      <location filename="../../app/sound_dialogs.py" />
      <source>Who listens?</source>
      <translation>Wer hört?</translation>
    </message>
    <message>
      <location filename="../../app/sound_dialogs.py" />
      <source>Name:</source>
      <translation>Name:</translation>
    </message>
    <message>
      <location filename="../../app/start.py" />
      <source>The program ended by itself the last time. What was not saved is offered, if there was anything; {ended_badly} says where it ended: please send it to the makers.</source>
      <translation>Das Programm endete beim letzten Mal von selbst. Was nicht gespeichert war, wird angeboten, falls es etwas gab; {ended_badly} sagt, wo es endete: bitte an die Hersteller schicken.</translation>
    </message>
    <message>
      <location filename="../../app/start.py" />
      <source>in the window</source>
      <translation>im Fenster</translation>
    </message>
    <message>
      <location filename="../../app/stations/base.py" />
      <source>On to {station}</source>
      <translation>Weiter zu {station}</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Which place is best?</source>
      <translation>Welcher Platz ist der beste?</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source> Dotted: the other of forecast and measured.</source>
      <translation> Gepunktet: das jeweils andere von Vorhersage und Messung.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <location filename="../../report/full.py" />
      <source>{low_hz:.0f} to {high_hz:.0f} Hz</source>
      <translation>{low_hz:.0f} bis {high_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>, judged {band} against {words}</source>
      <translation>, beurteilt von {band} gegen {words}</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>From {name}, {what}: forecast {evenness_before_db:.1f} → {evenness_after_db:.1f} dB from even.</source>
      <translation>Von {name} aus, {what}: Vorhersage {evenness_before_db:.1f} → {evenness_after_db:.1f} dB uneben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>at best settings</source>
      <translation>mit besten Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Hear them</source>
      <translation>Anhören</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>To try next</source>
      <translation>Als Nächstes versuchen</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Try it</source>
      <translation>Versuchen</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Try {what}</source>
      <translation>{what} versuchen</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <location filename="../../cli/forecast_commands.py" />
      <source>{value_db:.1f} dB</source>
      <translation>{value_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <location filename="../../cli/forecast_commands.py" />
      <source>no figure</source>
      <translation>keine Zahl</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>{value_db:.1f} dB from even, {basis_words}</source>
      <translation>{value_db:.1f} dB uneben, {basis_words}</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Rough in two or more arrangements at Line-up; they rank here.</source>
      <translation>Unter „Aufstellen“ zwei oder mehr Aufstellungen anlegen; hier stehen sie im Rang.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Not ranked yet</source>
      <translation>Noch keine Rangfolge</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>The room is being worked out as it is ({share:.0f} % done); what the empty box says meanwhile ranks nothing.</source>
      <translation>Der Raum wird durchgerechnet, wie er ist ({share:.0f} % fertig); was der leere Kasten inzwischen sagt, ergibt keine Rangfolge.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Comparing …</source>
      <translation>Vergleich läuft …</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>from even, {by}</source>
      <translation>uneben, {by}</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Picked</source>
      <translation>Gewählt</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>By ear: {short}</source>
      <translation>Nach Gehör: {short}</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>By ear …</source>
      <translation>Nach Gehör …</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>{basis_words}: {what} at the {seat}{judged}; lower is more even.</source>
      <translation>{basis_words}: {what} am Hörplatz {seat}{judged}; niedriger ist ebener.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/compare_page.py" />
      <source>Grade what you hear, at Fine-tune.</source>
      <translation>Was Sie hören, bei „Feinarbeit“ benoten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/difference_card.py" />
      <source>Most at {f:.0f} Hz, where {name} is {d:.0f} dB {word}; within {worth_db:.0f} dB of each other over {share:.0f} % of the band.{mixed}</source>
      <translation>Am meisten bei {f:.0f} Hz, wo {name} um {d:.0f} dB {word} ist; über {share:.0f} % des Bands liegen sie innerhalb von {worth_db:.0f} dB.{mixed}</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/difference_card.py" />
      <source>difference of the two</source>
      <translation>Unterschied der beiden</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/difference_card.py" />
      <source>Choose two.</source>
      <translation>Zwei auswählen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/difference_card.py" />
      <source> One is measured, the other forecast.</source>
      <translation> Die eine ist gemessen, die andere vorhergesagt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/difference_card.py" />
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>One against the other</source>
      <translation>Eine gegen die andere</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/difference_card.py" />
      <source>the other</source>
      <translation>die andere</translation>
    </message>
    <message>
      <location filename="../../app/stations/compare/difference_card.py" />
      <source>F3 flips the plan between the last two shown.</source>
      <translation>F3 wechselt den Plan zwischen den zuletzt gezeigten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>{said} By the forecast {begun}{value_db:.1f} dB from even.</source>
      <translation>{said} Nach der Vorhersage {begun}{value_db:.1f} dB uneben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>Before</source>
      <translation>Davor</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>Next</source>
      <translation>Weiter</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Ask the simulated listener</source>
      <translation>Den simulierten Hörer fragen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Begin anew</source>
      <translation>Von vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>step {at} of {asked}</source>
      <translation>Schritt {at} von {asked}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>Keep: {title}</source>
      <translation>Behalten: {title}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <location filename="../../by_ear/led_tests.py" />
      <source>reversed sounds wrong</source>
      <translation>umgekehrt klingt falsch</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>Last, {when}, “{arrangement}”: {verdict}</source>
      <translation>Zuletzt, {when}, „{arrangement}“: {verdict}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>What it comes to</source>
      <translation>Worauf es hinausläuft</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>Kept in the Ledger.</source>
      <translation>Im Logbuch behalten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>Finish</source>
      <translation>Fertig</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>Further than a metre from the middle is no middle: try again.</source>
      <translation>Weiter als ein Meter von der Mitte ist keine Mitte: noch einmal versuchen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <location filename="../../by_ear/led_tests.py" />
      <source>as narrow</source>
      <translation>ebenso schmal</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>to the right of the seat's middle; a minus is left</source>
      <translation>rechts von der Mitte des Hörplatzes; ein Minus ist links</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/asked_card.py" />
      <source>“{title}”: choose what you hear first.</source>
      <translation>„{title}“: erst wählen, was zu hören ist.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/clues_card.py" />
      <source>Grade what you hear, or write it in a few words: what is heavy, thin, narrow or loose points to the next move.</source>
      <translation>Benoten, was zu hören ist, oder in wenigen Worten schreiben: was schwer, dünn, eng oder lose klingt, zeigt auf den nächsten Schritt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/clues_card.py" />
      <source>Nothing here points one way. After a change some qualities get better and others worse, until most come together: try a step, and grade again.</source>
      <translation>Nichts zeigt hier in eine Richtung. Nach einer Änderung werden manche Eigenschaften besser und andere schlechter, bis die meisten zusammenkommen: einen Schritt versuchen und wieder benoten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/clues_card.py" />
      <source>Make this move</source>
      <translation>Diesen Schritt machen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/clues_card.py" />
      <source>Where it points</source>
      <translation>Wohin es zeigt</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/clues_card.py" />
      <source>From {because}: {why}.</source>
      <translation>Aus {because}: {why}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/clues_card.py" />
      <source>{step_words} {way}, both alike</source>
      <translation>{step_words} {way}, beide gleich</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <source>Does the ear agree?</source>
      <translation>Stimmt das Ohr zu?</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <source>Moves and grades</source>
      <translation>Schritte und Noten</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <location filename="../../placement/schools.py" />
      <source>Calm zone</source>
      <translation>Ruhezone</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <source>Listening tests</source>
      <translation>Hörtests</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <location filename="../../app/stations/signoff/ledger_glimpse.py" />
      <location filename="../../project/packing.py" />
      <source>Ledger</source>
      <translation>Logbuch</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Bass hunt</source>
      <translation>Bassjagd</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <source>Placing in two steps</source>
      <translation>Aufstellen in zwei Schritten</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <location filename="../../by_ear/led_tests.py" />
      <location filename="../../project/ear_edits.py" />
      <source>Centring</source>
      <translation>Zentrieren</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <location filename="../../signals/programme.py" />
      <source>Slow sweep</source>
      <translation>Langsamer Sweep</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <source>Nothing to tune yet</source>
      <translation>Noch nichts abzustimmen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Rough in an arrangement at Line-up, compare, and pick one.</source>
      <translation>Unter „Aufstellen“ eine Aufstellung anlegen, vergleichen und eine wählen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <source>{name}: {short} by ear</source>
      <translation>{name}: {short} nach Gehör</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/finetune_page.py" />
      <source>A step at a time, both sides alike, the same piece, a note at once. The Ledger keeps every step; undo erases none.</source>
      <translation>Ein Schritt auf einmal, beide Seiten gleich, dasselbe Stück, sofort eine Notiz. Das Logbuch behält jeden Schritt; Rückgängig löscht keinen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>Reference piece</source>
      <translation>Referenzstück</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>one piece, always the same</source>
      <translation>ein Stück, immer dasselbe</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>What you hear, in words</source>
      <translation>Was zu hören ist, in Worten</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>in a few words, at once: heavy, unclear …</source>
      <translation>in wenigen Worten, sofort: schwer, unklar …</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>Note it</source>
      <translation>Notieren</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>Grade {name}</source>
      <translation>{name} benoten</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>Against before, {told}.</source>
      <translation>Gegen vorher, {told}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>As it was before.</source>
      <translation>Wie es vorher war.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>What you hear</source>
      <translation>Was zu hören ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/grades_card.py" />
      <source>Rings are the marks of before.</source>
      <translation>Ringe sind die Noten von vorher.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>On the plan a dot is even, a peak booms, a hollow is thin; its tint is the forecast's.</source>
      <translation>Auf dem Plan ist ein Punkt eben, eine Spitze dröhnt, eine Höhlung ist dünn; die Tönung ist die der Vorhersage.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Take away what stands where you will listen. The loudspeaker in a corner excites every mode there is: walk the room with your head at ear height, and click on the plan where you stand. Where the line is even, crisp and clear, there you sit.</source>
      <translation>Wegräumen, was am späteren Hörplatz steht. Der Lautsprecher in einer Ecke regt jede Mode an: mit dem Kopf auf Ohrhöhe durch den Raum gehen und auf dem Plan klicken, wo man steht. Wo die Linie gleichmäßig, knackig und klar ist, dort sitzt man.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>By reciprocity a sub at the seat shows every place for a sub at once: put it on the chair, crawl along the walls with your ear where its middle would be, and click on the plan where you are. Where the line is even, there the sub goes.</source>
      <translation>Nach dem Umkehrsatz zeigt ein Sub am Hörplatz alle Orte für einen Sub auf einmal: ihn auf den Stuhl stellen, an den Wänden entlangkriechen, das Ohr, wo seine Mitte wäre, und auf dem Plan klicken, wo man ist. Wo die Linie gleichmäßig ist, dorthin gehört der Sub.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>in a corner: find a seat</source>
      <translation>in einer Ecke: einen Hörplatz finden</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>at the seat: find the sub's place</source>
      <translation>am Hörplatz: den Ort des Subs finden</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>hunted loudspeaker</source>
      <translation>gejagter Lautsprecher</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>Begin</source>
      <translation>Beginnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Mark it</source>
      <translation>Markieren</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Begin a bass hunt</source>
      <translation>Eine Bassjagd beginnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Hunt: {heard}</source>
      <translation>Jagd: {heard}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Held against the forecast …</source>
      <translation>Wird gegen die Vorhersage gehalten …</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>By the hunt: {where}</source>
      <translation>Nach der Jagd: {where}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>It sounds</source>
      <translation>Es klingt</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>here: click on the plan, or</source>
      <translation>hier: auf den Plan klicken, oder</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>hunt from left</source>
      <translation>Jagd von links</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>hunt from front</source>
      <translation>Jagd von vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>from the left,</source>
      <translation>von links,</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>from the front</source>
      <translation>von vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Sit there</source>
      <translation>Dort sitzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Stand the sub there</source>
      <translation>Den Sub dorthin stellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Choose what plays and from where, and begin.</source>
      <translation>Wählen, was von wo spielt, und beginnen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>Begin the hunt first: choose what plays and from where.</source>
      <translation>Erst die Jagd beginnen: wählen, was von wo spielt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>The simulated listener walks there …</source>
      <translation>Der simulierte Hörer geht hin …</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>build the triangle round it</source>
      <translation>das Dreieck darum bauen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>measure it there</source>
      <translation>es dort messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/hunt_card.py" />
      <source>{words} stands there now: {left}.</source>
      <translation>{words} steht jetzt dort: {left}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>Mark one entry to stand it up again, two to hold them against each other.</source>
      <translation>Einen Eintrag markieren, um ihn wieder aufzustellen; zwei, um sie gegeneinander zu halten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>moves and settings</source>
      <translation>Schritte und Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>notes and tests</source>
      <translation>Notizen und Tests</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>survey and gear</source>
      <translation>Aufmaß und Geräte</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>Stand up step {number}</source>
      <translation>Schritt {number} wieder aufstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>ledger filter</source>
      <translation>Filter des Logbuchs</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>A note for the Ledger</source>
      <translation>Eine Notiz fürs Logbuch</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>write a note</source>
      <translation>eine Notiz schreiben</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>Stand it up again</source>
      <translation>Wieder aufstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>From step {number} to step {number2}</source>
      <translation>Von Schritt {number} zu Schritt {number2}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>{name}: {shown} entries.</source>
      <translation>{name}: {shown} Einträge.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>Write it</source>
      <translation>Schreiben</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>Save as CSV …</source>
      <translation>Als CSV speichern …</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source> of 5</source>
      <translation> von 5</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>{forecast_db:.1f} dB</source>
      <translation>{forecast_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>{measured_db:.1f} dB</source>
      <translation>{measured_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>This one is about no arrangement: nothing stood anywhere.</source>
      <translation>Dieser betrifft keine Aufstellung: nirgends stand etwas.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/ledger_card.py" />
      <source>Mark two to hold them against.</source>
      <translation>Zwei markieren, um sie gegeneinander zu halten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>no forecast knows aim: loudspeakers are taken to send alike in every direction</source>
      <translation>keine Vorhersage kennt das Eindrehen: Lautsprecher gelten als in alle Richtungen gleich</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>Both monitors</source>
      <translation>Beide Monitore</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>Sub</source>
      <translation>Sub</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>With the plan's arrows, or:</source>
      <translation>Mit den Pfeilen auf dem Plan, oder:</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source> by {step_words}</source>
      <translation> um {step_words}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>measured corner</source>
      <translation>gemessene Ecke</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>moved sub</source>
      <translation>bewegter Sub</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>Measure from another corner</source>
      <translation>Von einer anderen Ecke messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>Move by</source>
      <translation>Bewegen um</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>tape at the</source>
      <translation>Maßband an der</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>{c} corner</source>
      <translation>Ecke {c}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>Rough in an arrangement at Line-up first.</source>
      <translation>Erst unter „Aufstellen“ eine Aufstellung anlegen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>As it stands, the tape reads:</source>
      <translation>So, wie es steht, zeigt das Maßband:</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/moves_card.py" />
      <source>Set these with the tape, the same corner on both sides:</source>
      <translation>Diese mit dem Maßband setzen, dieselbe Ecke auf beiden Seiten:</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <source>Play</source>
      <translation>Spielen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>Silence (Esc)</source>
      <translation>Stille (Esc)</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>Quieter</source>
      <translation>Leiser</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>Louder</source>
      <translation>Lauter</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <source>{name} written. Start quiet wherever you play it.</source>
      <translation>{name} geschrieben. Überall leise beginnen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <location filename="../../app/stations/hear/audition_card.py" />
      <location filename="../../app/stations/hear/blind_card.py" />
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>As WAV …</source>
      <translation>Als WAV …</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>{output_db:.0f} dB</source>
      <translation>{output_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/play_bar.py" />
      <source>{name} plays. Esc silences it at once.</source>
      <translation>{name} spielt. Esc bringt es sofort zum Schweigen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>It booms</source>
      <translation>Es dröhnt</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>It is missing</source>
      <translation>Es fehlt</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>sweep hertz</source>
      <translation>Sweep Hertz</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>{hertz:.0f} Hz, {note_name}</source>
      <translation>{hertz:.0f} Hz, {note_name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>Slow sweep by ear</source>
      <translation>Langsamer Sweep nach Gehör</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>Sit where you listen and let the tone rise. Press where a note swells, and where one sinks away, or type a frequency.</source>
      <translation>Am Hörplatz sitzen und den Ton steigen lassen. Drücken, wo ein Ton anschwillt und wo einer wegsinkt, oder eine Frequenz eingeben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>No note to mark: give a frequency from 10 to 2000 Hz.</source>
      <translation>Kein Ton zu markieren: eine Frequenz von 10 bis 2000 Hz angeben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>Begin a slow sweep</source>
      <translation>Einen langsamen Sweep beginnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>{hertz:.0f} Hz {heard}</source>
      <translation>{hertz:.0f} Hz {heard}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>listens …</source>
      <translation>hört zu …</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>The simulated listener hears no note stand out.</source>
      <translation>Der simulierte Hörer hört keinen Ton herausstechen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/sweep_card.py" />
      <source>Nothing is marked yet.</source>
      <translation>Noch ist nichts markiert.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Where the monitors will stand, your back to the wall they will have behind them.</source>
      <translation>Wo die Monitore stehen werden, mit dem Rücken zur Wand, die sie hinter sich haben werden.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Now the same with your back to the side wall, as far from the front.</source>
      <translation>Nun dasselbe mit dem Rücken zur Seitenwand, ebenso weit von vorn.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>From the wall behind the monitors</source>
      <translation>Von der Wand hinter den Monitoren</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>From a side wall</source>
      <translation>Von einer Seitenwand</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Walk it anew</source>
      <translation>Neu abgehen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Begin there</source>
      <translation>Dort beginnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Both walks, each with where it becomes just a voice and where that ends, cross in a rectangle: there the monitors begin.</source>
      <translation>Beide Gänge, jeder mit der Stelle, wo es bloß noch Stimme ist, und der, wo das endet, kreuzen sich in einem Rechteck: dort beginnen die Monitore.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Out from the wall behind: {width_words}. In from the side: {width_words2}. The plan shows it in steps of {step_words}. Begin two thirds of the way forward, the acoustic centres {out} from the wall behind and {x} from the side, and use the same corner of both cabinets from then on. The bracket on the strips under the plan is the zone.</source>
      <translation>Von der Wand dahinter: {width_words}. Von der Seite: {width_words2}. Der Plan zeigt es in Schritten von {step_words}. Zwei Drittel des Wegs nach vorn beginnen, die akustischen Zentren {out} von der Wand dahinter und {x} von der Seite, und von da an dieselbe Ecke beider Gehäuse nehmen. Die Klammer an den Streifen unter dem Plan ist die Zone.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Voice walk: {title}</source>
      <translation>Stimmgang: {title}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Walk anew</source>
      <translation>Neu abgehen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Begin in the calm zone</source>
      <translation>In der Ruhezone beginnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>The voice walk</source>
      <translation>Der Stimmgang</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>walk {id}</source>
      <translation>Gang {id}</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>cm out</source>
      <translation>cm entfernt</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>No voice at hand? The simulated listener walks it for you.</source>
      <translation>Keine Stimme zur Hand? Der simulierte Hörer geht ihn für Sie.</translation>
    </message>
    <message>
      <location filename="../../app/stations/finetune/zone_card.py" />
      <source>Where the two cross</source>
      <translation>Wo die beiden sich kreuzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>What will be heard there?</source>
      <translation>Was wird dort zu hören sein?</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Judged {low:.0f} to {high:.0f} Hz, smoothed 1/{smoothing_per_octave} octave</source>
      <translation>Beurteilt von {low:.0f} bis {high:.0f} Hz, geglättet über 1/{smoothing_per_octave} Oktave</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source> The forecast leaves {left_out} out.</source>
      <translation> Die Vorhersage lässt {left_out} aus.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>, against {words}.</source>
      <translation>, gegen {words}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source> Grey: four measurements in five would lie within.</source>
      <translation> Grau: vier von fünf Messungen lägen darin.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source> Above {workable_hz:.0f} Hz the empty box speaks: the room is large.</source>
      <translation> Über {workable_hz:.0f} Hz spricht der leere Quader: der Raum ist groß.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>{share:.0f} % done</source>
      <translation>{share:.0f} % fertig</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source> Empty box until the room is worked out as it is ({done}).</source>
      <translation> Leerer Quader, bis der Raum ausgerechnet ist, wie er ist ({done}).</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source> Dotted: measured.</source>
      <translation> Gepunktet: gemessen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>No arrangement yet: rough one in at Line-up</source>
      <translation>Noch keine Aufstellung: unter „Aufstellen“ eine anlegen</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source> Filled: measured. Dotted: forecast.</source>
      <translation> Gefüllt: gemessen. Gepunktet: Vorhersage.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source> Empty box: the room could not be worked out as it is. {why}</source>
      <translation> Leerer Quader: der Raum ließ sich nicht ausrechnen, wie er ist. {why}</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Try {short}</source>
      <translation>{short} versuchen</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>What stands out</source>
      <translation>Was heraussticht</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Paths one by one</source>
      <translation>Wege einzeln</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>No take of this yet: import one at Takes</source>
      <translation>Davon noch keine Messung: bei „Messungen“ eine importieren</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>{what} at the {seat}, {layer}: {value_db:.1f} dB from even</source>
      <translation>{what} am Hörplatz {seat}, {layer}: {value_db:.1f} dB uneben</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Looking for causes and remedies …</source>
      <translation>Ursachen und Abhilfen werden gesucht …</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Adds an arrangement with {what}.</source>
      <translation>Fügt eine Aufstellung hinzu mit {what}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Calculating …</source>
      <translation>Wird berechnet …</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/forecast_page.py" />
      <source>Nothing strays by 3 dB or more.</source>
      <translation>Nichts weicht um 3 dB oder mehr ab.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>longer by</source>
      <translation>länger um</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>later by</source>
      <translation>später um</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>cancels at the ear</source>
      <translation>löscht am Ohr</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>adds at the ear</source>
      <translation>verstärkt am Ohr</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>{shown}{frequencies} Hz</source>
      <translation>{shown}{frequencies} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>on it</source>
      <translation>darauf</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>none below 700 Hz</source>
      <translation>keine unter 700 Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>From the {who} to the {seat}: every surface by itself, up to 700 Hz. This explains; the forecast adds all of them and the modes.</source>
      <translation>Von {who} zum Hörplatz {seat}: jede Fläche für sich, bis 700 Hz. Das erklärt; die Vorhersage zählt alle zusammen und die Moden dazu.</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>{face}, heard from {heard}: first at {source_cancellation_hz:.0f} Hz</source>
      <translation>{face}, gehört ab {heard}: zuerst bei {source_cancellation_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../report/full.py" />
      <source>{delay_seconds:.1f} ms</source>
      <translation>{delay_seconds:.1f} ms</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <location filename="../../app/stations/hear/adding_card.py" />
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../report/full.py" />
      <source>{level_db:.0f} dB</source>
      <translation>{level_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/forecast/paths_table.py" />
      <source>at the source</source>
      <translation>an der Quelle</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>No knobs or switches named: nothing of it can be set.</source>
      <translation>Keine Regler oder Schalter genannt: nichts daran lässt sich einstellen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>{title} kinds: {own}</source>
      <translation>Arten von {title}: {own}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>loudest at 1 m</source>
      <translation>am lautesten in 1 m</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>at most {maximum_level_db_spl:g} dB SPL at 1 m</source>
      <translation>höchstens {maximum_level_db_spl:g} dB SPL in 1 m</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>Controls …</source>
      <translation>Regler …</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>in steps of</source>
      <translation>in Schritten von</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>dB SPL</source>
      <translation>dB SPL</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>{title} {low:g} to {high:g}{gap}{unit}</source>
      <translation>{title} {low:g} bis {high:g}{gap}{unit}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/controls_panel.py" />
      <source>as set</source>
      <translation>wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>What plays in it, and who listens?</source>
      <translation>Was spielt darin, und wer hört zu?</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>base to acoustic centre</source>
      <translation>Boden bis akustisches Zentrum</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <location filename="../../placement/tape.py" />
      <source>top above the floor</source>
      <translation>Platte über dem Boden</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>thick</source>
      <translation>dick</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>{sizes}, down to {hertz:.0f} Hz</source>
      <translation>{sizes}, hinab bis {hertz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>No subwoofer yet; other loudspeakers can be added too.</source>
      <translation>Noch kein Subwoofer; andere Lautsprecher lassen sich auch hinzufügen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Start from {name}</source>
      <translation>Anfangen mit {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Two monitors down to {low_corner_hz:.0f} Hz</source>
      <translation>Zwei Monitore bis {low_corner_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>{count} seat</source>
      <translation>{count} Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>{count} seats</source>
      <translation>{count} Hörplätze</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Sizes over all; the low corner is where the level has fallen by 3 dB.</source>
      <translation>Größte Maße; die untere Grenze ist, wo der Pegel um 3 dB gefallen ist.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>{count} directions</source>
      <translation>{count} Richtungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>{which}, ear {high} above the floor</source>
      <translation>{which}, Ohr {high} über dem Boden</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Its top scatters sound in every forecast; its height, depth and near edge count.</source>
      <translation>Seine Platte streut den Schall in jeder Vorhersage; Höhe, Tiefe und vordere Kante zählen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Change the {what}</source>
      <translation>{what} ändern</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Add a subwoofer</source>
      <translation>Subwoofer hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Add a loudspeaker</source>
      <translation>Lautsprecher hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Add a seat</source>
      <translation>Hörplatz hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Remove the seat</source>
      <translation>Den Hörplatz entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Add a desk</source>
      <translation>Tisch hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>more loudspeaker</source>
      <translation>weiterer Lautsprecher</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Monitors, a pair alike</source>
      <translation>Monitore, ein gleiches Paar</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>the main seat</source>
      <translation>der Haupthörplatz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>a seat</source>
      <translation>ein Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Desk</source>
      <translation>Tisch</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>A {what}'s {words} of {value:g} cannot be; give one from {low:g} to {high:g}.</source>
      <translation>{words} von {what} kann nicht {value:g} sein; anzugeben ist {low:g} bis {high:g}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>seat {n}</source>
      <translation>Hörplatz {n}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>{how_many} {what} down to {lowest:.0f} Hz</source>
      <translation>{how_many} {what} bis {lowest:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>{how_many} {what}s down to {lowest:.0f} Hz</source>
      <translation>{how_many} {what} bis {lowest:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <location filename="../../app/stations/signoff/around_card.py" />
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <location filename="../../report/full.py" />
      <source>Around the seat</source>
      <translation>Rund um den Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>ear above the floor</source>
      <translation>Ohr über dem Boden</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>chair with a high back</source>
      <translation>Stuhl mit hoher Lehne</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>No desk.</source>
      <translation>Kein Tisch.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <source>Remove the desk</source>
      <translation>Den Tisch entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/gear_page.py" />
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <location filename="../../app/stations/survey/survey_page.py" />
      <location filename="../../app/stations/survey/tape_card.py" />
      <location filename="../../app/stations/survey/things_card.py" />
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Remove</source>
      <translation>Entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/handover_row.py" />
      <source>From {low:.0f} to {high:.0f} Hz, under their Controls.</source>
      <translation>Von {low:.0f} bis {high:.0f} Hz, unter ihren Reglern.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/handover_row.py" />
      <source>What keeps the bass from the monitors</source>
      <translation>Was den Monitoren den Bass abnimmt</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/handover_row.py" />
      <source>They play their full range: no outputs of the subwoofer, no interface and no switch keep it from them. Subs tells what that would bring.</source>
      <translation>Sie spielen ihren ganzen Bereich: keine Ausgänge des Subwoofers, kein Interface und kein Schalter nehmen ihn ihnen ab. Unter Subs steht, was das brächte.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/handover_row.py" />
      <source>At {at:.0f} Hz; where it can be turned, say so under their Controls.</source>
      <translation>Bei {at:.0f} Hz; ist das verstellbar, steht es unter ihren Reglern.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/handover_row.py" />
      <source>Does anything keep the bass from the monitors?</source>
      <translation>Nimmt irgendetwas den Monitoren den Bass ab?</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/handover_row.py" />
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>No, nothing</source>
      <translation>Nein, nichts</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/handover_row.py" />
      <source>Yes, something</source>
      <translation>Ja, etwas</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>Degrees from straight ahead to the left, minus to the right, seen from the main seat; Sign-off says which are off, moves those that may, and matches them.</source>
      <translation>Grad von geradeaus nach links, minus nach rechts, vom Haupthörplatz aus gesehen; die Abnahme sagt, welche daneben stehen, bewegt die beweglichen und gleicht sie ab.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>up, wanted</source>
      <translation>nach oben, gewünscht</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>Where {name} belongs</source>
      <translation>Wohin {name} gehört</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>{name} from anywhere</source>
      <translation>{name} von überall</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>Where {loudspeaker} belongs</source>
      <translation>Wohin {loudspeaker} gehört</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>{source}, from memory.</source>
      <translation>{source}, aus dem Gedächtnis.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>The pair alone.</source>
      <translation>Das Paar allein.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>Choose a layout</source>
      <translation>Eine Anordnung wählen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>may be moved</source>
      <translation>darf bewegt werden</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>from anywhere</source>
      <translation>von überall</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>{name} belongs where it stands</source>
      <translation>{name} gehört dorthin, wo es steht</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>Angles of your own.</source>
      <translation>Eigene Winkel.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/layout_card.py" />
      <source>one's own</source>
      <translation>eigene</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <location filename="../../placement/arrangement.py" />
      <source>to the front</source>
      <translation>nach vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>a model of its own</source>
      <translation>ein eigenes Modell</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <location filename="../../placement/arrangement.py" />
      <source>to the back</source>
      <translation>nach hinten</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <location filename="../../placement/arrangement.py" />
      <source>to the right</source>
      <translation>nach rechts</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <location filename="../../placement/arrangement.py" />
      <source>to the left</source>
      <translation>nach links</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>in every arrangement</source>
      <translation>in jeder Aufstellung</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>role of {id}</source>
      <translation>Rolle von {id}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>model of {id}</source>
      <translation>Modell von {id}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>may be put</source>
      <translation>darf stehen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>Rough in an arrangement to set it: settings belong to the arrangement.</source>
      <translation>Eine Aufstellung anlegen, um ihn einzustellen: Einstellungen gehören zur Aufstellung.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>Set in “{name}”</source>
      <translation>Eingestellt in „{name}“</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>which way {name} looks</source>
      <translation>wohin {name} schaut</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>Change {name}</source>
      <translation>{name} ändern</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>Forecast, measured and compared in any mix; {placed}.</source>
      <translation>Vorhergesagt, gemessen und verglichen in jeder Mischung; {placed}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>one model: {users}</source>
      <translation>ein Modell: {users}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>It must go somewhere: leave one ticked.</source>
      <translation>Irgendwohin muss er: einen Haken lassen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>crossover, {short}</source>
      <translation>Übergang, {short}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>looks</source>
      <translation>schaut</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>away from its wall</source>
      <translation>von seiner Wand weg</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>Of “{name}” alone; the plan turns it to any angle.</source>
      <translation>Nur von „{name}“; der Plan dreht ihn in jeden Winkel.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>Set {id}</source>
      <translation>{id} einstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>a search puts it within its angles</source>
      <translation>eine Suche stellt ihn in seine Winkel</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>schools and search leave it where it stands</source>
      <translation>Schulen und Suche lassen ihn stehen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/loudspeaker_card.py" />
      <source>{turn:.0f}° from the back</source>
      <translation>{turn:.0f}° von hinten</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <source>low corner</source>
      <translation>untere Grenze</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <source>falls below it by</source>
      <translation>fällt darunter um</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <source>At low frequencies a cabinet is heard from a point ahead of its face. By its size that is 0.39 times the root of width times height; give it if you know better.</source>
      <translation>Bei tiefen Frequenzen hört man ein Gehäuse von einem Punkt vor seiner Front aus. Nach seiner Größe ist das 0,39 mal die Wurzel aus Breite mal Höhe; geben Sie ihn an, wenn Sie es besser wissen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <source>bass ahead of its face</source>
      <translation>Bass vor der Front</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <location filename="../../vocabulary.py" />
      <source>driver</source>
      <translation>Treiber</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <source>Start from</source>
      <translation>Anfangen mit</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <source>{value} dB/octave</source>
      <translation>{value} dB/Oktave</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/shared_entries.py" />
      <source>By its size</source>
      <translation>Nach der Größe</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/use_card.py" />
      <source>whatever fits may be proposed, in mid-room too</source>
      <translation>was passt, darf vorgeschlagen werden, auch mitten im Raum</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/use_card.py" />
      <source>limits of your own, at Line-up under Wishes</source>
      <translation>eigene Grenzen, unter „Aufstellen“ bei den Wünschen</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/use_card.py" />
      <source>Used as: {name}</source>
      <translation>Genutzt als: {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/use_card.py" />
      <source>Used as</source>
      <translation>Genutzt als</translation>
    </message>
    <message>
      <location filename="../../app/stations/gear/use_card.py" />
      <source>where the search may put monitors and seat</source>
      <translation>wohin die Suche Monitore und Hörplatz stellen darf</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>adding tone</source>
      <translation>Ton zum Addieren</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>Play the sum</source>
      <translation>Die Summe spielen</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>Play the first alone</source>
      <translation>Den ersten allein spielen</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>Level of the second signal, dB</source>
      <translation>Pegel des zweiten Signals, dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>Phase of the second signal, degrees</source>
      <translation>Phase des zweiten Signals, Grad</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>{total:+.1f} dB</source>
      <translation>{total:+.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>nothing left</source>
      <translation>nichts bleibt</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>{words} At {hertz} Hz {phase_degrees:.0f}° are {seconds:.1f} ms, or {way} of way more.</source>
      <translation>{words} Bei {hertz} Hz sind {phase_degrees:.0f}° {seconds:.1f} ms, oder {way} Weg mehr.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>Two signals that know each other</source>
      <translation>Zwei Signale, die einander kennen</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>A loudspeaker and its echo from a wall, two loudspeakers, a sub and the pair: the same sound twice. What becomes of it hangs on level and phase, and on both.</source>
      <translation>Ein Lautsprecher und sein Echo von einer Wand, zwei Lautsprecher, ein Sub und das Paar: zweimal derselbe Klang. Was daraus wird, hängt an Pegel und Phase, und an beiden.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>Second softer by</source>
      <translation>Zweites leiser um</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/adding_card.py" />
      <source>and later by</source>
      <translation>und später um</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>A piece of your own …</source>
      <translation>Ein eigenes Stück …</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>Headphones</source>
      <translation>Kopfhörer</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>The loudspeakers here</source>
      <translation>Die Lautsprecher hier</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>hear piece</source>
      <translation>Hörstück</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>hear from second</source>
      <translation>hören ab Sekunde</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>Where your own piece begins; 30 s of it go round.</source>
      <translation>Wo das eigene Stück beginnt; 30 s davon laufen im Kreis.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>How it is played</source>
      <translation>Wie gespielt wird</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>{name} at the {seat}</source>
      <translation>{name} am Hörplatz {seat}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>keys 1 to {count} switch</source>
      <translation>Tasten 1 bis {count} schalten um</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>the key 1 begins</source>
      <translation>die Taste 1 beginnt</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>Press a name to hear it, {keys}, Esc silences.</source>
      <translation>Einen Namen drücken, um zu hören, {keys}, Esc bringt zum Schweigen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>{name} takes part</source>
      <translation>{name} nimmt teil</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>what the others are held against</source>
      <translation>wogegen die anderen gehalten werden</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>hardly differs with this piece</source>
      <translation>unterscheidet sich bei diesem Stück kaum</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>{name} at the head's centre; dotted: {other}</source>
      <translation>{name} in der Mitte des Kopfs; gepunktet: {other}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>; dotted: {other}</source>
      <translation>; gepunktet: {other}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>filled: {name}, Hz and dB from even{dotted}. All are equally loud.</source>
      <translation>gefüllt: {name}, Hz und dB uneben{dotted}. Alle sind gleich laut.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>{name} (your own) …</source>
      <translation>{name} (eigenes) …</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>{figure:.1f} dB from even, {basis}</source>
      <translation>{figure:.1f} dB uneben, {basis}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>“{name}” is what the others are held against.</source>
      <translation>„{name}“ ist, wogegen die anderen gehalten werden.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/audition_card.py" />
      <source>Nothing takes part: choose an arrangement above.</source>
      <translation>Nichts nimmt teil: oben eine Aufstellung wählen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/auditioned.py" />
      <source>The room is being worked out with its things; it can be heard in a moment.</source>
      <translation>Der Raum wird mit seinen Gegenständen ausgerechnet; gleich ist er zu hören.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/auditioned.py" />
      <source>Making it heard …</source>
      <translation>Wird hörbar gemacht …</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>A and B are known, X is one of them, drawn anew {trials} times. Listen as long and as often as you like, then say which. How it goes is told at the end.</source>
      <translation>A und B sind bekannt, X ist eines davon, {trials}-mal neu gezogen. Hören, so lange und so oft man mag, dann sagen, welches. Wie es ausgeht, steht am Ende.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>Two at a time, drawn anew, none of them named: say which you would keep. Every pair comes again, so that chance shows.</source>
      <translation>Je zwei, neu gezogen, keine benannt: sagen, welche man behielte. Jedes Paar kommt wieder, damit der Zufall sich zeigt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>Which is X?</source>
      <translation>Welches ist X?</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>Which is better?</source>
      <translation>Welches ist besser?</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>{words} Piece: {piece}; {basis}, {through}.</source>
      <translation>{words} Stück: {piece}; {basis}, {through}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>Trial {answers} of {trials}</source>
      <translation>Versuch {answers} von {trials}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>blind piece</source>
      <translation>Stück für den Blindtest</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>Give up</source>
      <translation>Aufgeben</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>Given up: nothing is kept.</source>
      <translation>Aufgegeben: nichts wird behalten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>{words} Kept in the Ledger.</source>
      <translation>{words} Im Logbuch behalten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>It takes two arrangements: let another take part at “One against the other”.</source>
      <translation>Es braucht zwei Aufstellungen: bei „Eine gegen die andere“ eine weitere teilnehmen lassen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>All {trials} trials answered.</source>
      <translation>Alle {trials} Versuche beantwortet.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Blind</source>
      <translation>Blind</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>blind one</source>
      <translation>blind die eine</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>blind other</source>
      <translation>blind die andere</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>Hear {name}</source>
      <translation>{name} hören</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>What was heard has changed, so the test ended without a result.</source>
      <translation>Was zu hören war, hat sich geändert; der Test endete ohne Ergebnis.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>{name} of trial {trial}</source>
      <translation>{name} von Versuch {trial}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>X is A</source>
      <translation>X ist A</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>X is B</source>
      <translation>X ist B</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>1 is better</source>
      <translation>1 ist besser</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/blind_card.py" />
      <source>2 is better</source>
      <translation>2 ist besser</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Switched at once and equally loud, before an hour of lifting lets you forget.</source>
      <translation>Sofort umgeschaltet und gleich laut, bevor eine Stunde Heben es vergessen lässt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Names hidden: what is still told apart is really heard.</source>
      <translation>Namen verdeckt: was sich noch unterscheiden lässt, wird wirklich gehört.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Two to five minutes each: what it is, how little of it you still hear, where in this room it happens.</source>
      <translation>Je zwei bis fünf Minuten: was es ist, wie wenig davon noch zu hören ist, wo in diesem Raum es geschieht.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>In phase +6 dB, at 90° +3, at 120° 0; beyond that they cancel, and only when their levels are close.</source>
      <translation>Gleichphasig +6 dB, bei 90° +3, bei 120° 0; darüber löschen sie sich aus, und nur, wenn ihre Pegel nahe beieinanderliegen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>How does it sound?</source>
      <translation>Wie klingt es?</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Lessons</source>
      <translation>Lektionen</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Two signals</source>
      <translation>Zwei Signale</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Nothing to hear yet</source>
      <translation>Noch nichts zu hören</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Rough in an arrangement at Line-up; two or more can be compared.</source>
      <translation>Unter „Aufstellen“ eine Aufstellung anlegen; zwei oder mehr lassen sich vergleichen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Hear it before you lift it</source>
      <translation>Hören, bevor man hebt</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/hear_page.py" />
      <source>Learn to hear</source>
      <translation>Hören lernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>In the test two right in a row make it smaller, one wrong plainer (Levitt 1971).</source>
      <translation>Im Test machen zwei richtige in Folge es kleiner, eine falsche deutlicher (Levitt 1971).</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>The room is being worked out with its things; the lesson begins in a moment.</source>
      <translation>Der Raum wird mit seinen Gegenständen ausgerechnet; die Lektion beginnt gleich.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>lesson piece</source>
      <translation>Stück der Lektion</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>How plain it is</source>
      <translation>Wie deutlich es ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>As it is here</source>
      <translation>Wie es hier ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>Test yourself</source>
      <translation>Sich prüfen</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>Right.</source>
      <translation>Richtig.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>It was in {hidden}.</source>
      <translation>Es war in {hidden}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>It did not settle: try again another day, or with another piece.</source>
      <translation>Es hat sich nicht eingependelt: an einem anderen Tag noch einmal versuchen, oder mit einem anderen Stück.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>Where it happens</source>
      <translation>Wo es geschieht</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>Lesson</source>
      <translation>Lektion</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>With it</source>
      <translation>Damit</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>Without</source>
      <translation>Ohne</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>It is in {n}</source>
      <translation>Es ist in {n}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>{n} of trial {trial}</source>
      <translation>{n} von Versuch {trial}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>{name} - {which} it</source>
      <translation>{name} - {which}</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <location filename="../../app/stations/hear/lesson_room.py" />
      <source>This room</source>
      <translation>Dieser Raum</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_card.py" />
      <source>The demo room</source>
      <translation>Der Demoraum</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/lesson_room.py" />
      <source>Looking for it in the room …</source>
      <translation>Im Raum wird danach gesucht …</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listener_row.py" />
      <source>Somebody else …</source>
      <translation>Jemand anderes …</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listener_row.py" />
      <source>Listener</source>
      <translation>Hörer</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listener_row.py" />
      <source>Kept for {name}.</source>
      <translation>Für {name} behalten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listener_row.py" />
      <source>Who listens:</source>
      <translation>Wer hört:</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>the system's output</source>
      <translation>der Ausgang des Systems</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>hear output</source>
      <translation>Ausgang zum Hören</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>Look for outputs</source>
      <translation>Nach Ausgängen suchen</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/listening_bar.py" />
      <source>No output is found: plug in headphones, or write what you want to hear as WAV.</source>
      <translation>Kein Ausgang gefunden: Kopfhörer anschließen, oder das zu Hörende als WAV schreiben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/hear/sound_files.py" />
      <source>{names} written into {folder}. Start quiet wherever you play it.</source>
      <translation>{names} in {folder} geschrieben. Überall leise beginnen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>Where could everything stand?</source>
      <translation>Wo könnte alles stehen?</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <location filename="../../placement/tape.py" />
      <source>above the floor</source>
      <translation>über dem Boden</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>Places in figures</source>
      <translation>Plätze in Zahlen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>{good} rules for, {against} against</source>
      <translation>{good} Regeln dafür, {against} dagegen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <location filename="../../placement/tape.py" />
      <source>one to the other</source>
      <translation>voneinander</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <location filename="../../placement/tape.py" />
      <source>from the left monitor</source>
      <translation>vom linken Monitor</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <location filename="../../placement/tape.py" />
      <source>from the right monitor</source>
      <translation>vom rechten Monitor</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>{found}; turned in by {toe:.0f}°.</source>
      <translation>{found}; eingedreht um {toe:.0f}°.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>{name}: forecast {db:.1f} dB, the most even so far</source>
      <translation>{name}: Vorhersage {db:.1f} dB, bisher am ausgeglichensten</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>Search, or line up a school; then drag on the plan or type.</source>
      <translation>Suchen oder eine Schule aufstellen; dann im Plan ziehen oder eintippen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>{value:.2f} m is outside the room; give a length from {start:.2f} to {size:.2f} m.</source>
      <translation>{value:.2f} m liegt außerhalb des Raums; eine Länge von {start:.2f} bis {size:.2f} m angeben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>{count} lined up, not weighed yet</source>
      <translation>{count} aufgestellt, noch nicht abgewogen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>Nothing is lined up yet</source>
      <translation>Noch ist nichts aufgestellt</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <source>{id}, seat</source>
      <translation>{id}, Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/lineup_page.py" />
      <location filename="../../placement/tape.py" />
      <source>ear at {name}</source>
      <translation>Ohr bei {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>monitors {y} and seat {y2} out, {distance} apart</source>
      <translation>Monitore {y} und Platz {y2} von der Stirnwand, Abstand {distance}</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>Line up {name}</source>
      <translation>{name} aufstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>Most even first</source>
      <translation>Das Ausgeglichenste zuerst</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>Forecast of all that plays at the {seat}, in dB from even; point at one to see it on the plan.</source>
      <translation>Vorhersage für alles, was spielt, am Platz „{seat}“, in dB Abweichung; auf einen Vorschlag zeigen, um ihn im Plan zu sehen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>Line up</source>
      <translation>Aufstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>Picked; {told}</source>
      <translation>Ausgewählt; {told}</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <location filename="../../app/stations/lineup/search_card.py" />
      <location filename="../../app/stations/subs/trade_card.py" />
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>{db:.1f} dB</source>
      <translation>{db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>Show</source>
      <translation>Zeigen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/ranked_list.py" />
      <source>Show {name}</source>
      <translation>{name} zeigen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <source>Of the schools, {how}, {name} is the most even: {at:.1f} dB.</source>
      <translation>Von den Schulen, {how}, ist {name} am ausgeglichensten: {at:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <source>at their best settings</source>
      <translation>mit ihren besten Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <source>Unticked: as they come, nothing trimmed for the place</source>
      <translation>Ohne Haken: wie sie kommen, nichts dem Ort angepasst</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <source>Weigh the schools</source>
      <translation>Schulen abwägen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <location filename="../../app/stations/lineup/search_card.py" />
      <location filename="../../app/stations/survey/things_card.py" />
      <source>Weighing …</source>
      <translation>Wird abgewogen …</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <source>each at its own best settings</source>
      <translation>jede mit ihren eigenen besten Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <source>untrimmed, as they come</source>
      <translation>nicht angepasst, wie sie kommen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/schools_offered.py" />
      <source>Cannot be met in this room: {names}.</source>
      <translation>In diesem Raum nicht erfüllbar: {names}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Weighs every place on a grid of 2.5 cm within your wishes.</source>
      <translation>Wägt jeden Platz auf einem Raster von 2,5 cm innerhalb Ihrer Wünsche ab.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>What moving buys: each stone is a place that none betters in evenness, distance and bass reach at once; large stones reach lower. Point at one to read it, click to line it up; or walk along them with the arrow keys and press Enter.</source>
      <translation>Was Bewegen bringt: jeder Stein ist ein Ort, den keiner in Ebenheit, Strecke und Tiefgang zugleich übertrifft; große Steine reichen tiefer. Zeigen, um ihn zu lesen, klicken, um ihn aufzustellen; oder mit den Pfeiltasten entlanggehen und Enter drücken.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>The most even of the schools, {name}, at its settings; the search goes on.</source>
      <translation>Die ebenste der Schulen, {name}, mit ihren Einstellungen; die Suche geht weiter.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>The best so far; the search goes on.</source>
      <translation>Das Beste bisher; die Suche geht weiter.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Over the head, each side too: {db:.1f} dB.</source>
      <translation>Über den Kopf, auch je Seite: {db:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>{facing}onitors {monitors}, seat {seat} from the wall faced, {distance} apart, {z} high{subs}.</source>
      <translation>{facing}onitore {monitors}, Hörplatz {seat} von der Blickwand, {distance} auseinander, {z} hoch{subs}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Wishes …</source>
      <translation>Wünsche …</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>What do they cost?</source>
      <translation>Was kosten sie?</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Searches again without each of the wishes, the monitors alone</source>
      <translation>Sucht noch einmal ohne jeden der Wünsche, nur die Monitore</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Search</source>
      <translation>Suchen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>pricing the wishes</source>
      <translation>beim Bepreisen der Wünsche</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Searching without each of them …</source>
      <translation>Suche ohne jeden von ihnen …</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Over the head. {where}</source>
      <translation>Über den Kopf. {where}</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Stopped: </source>
      <translation>Angehalten: </translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source> Now, {present}: {present_db:.1f} dB over the head.</source>
      <translation> Jetzt, {present}: {present_db:.1f} dB über den Kopfraum.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>, and both with the sub,</source>
      <translation>, und beide mit dem Sub,</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Facing the {facings} wall: m</source>
      <translation>Mit Blick auf die Wand {facings}: M</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>{figure_db:.1f} dB, bass to {reach_hz:.0f} Hz, moves up to {moved}. {where} Click to line it up.</source>
      <translation>{figure_db:.1f} dB, Bass bis {reach_hz:.0f} Hz, bewegt bis zu {moved}. {where} Klicken, um es aufzustellen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>Your wishes limit nothing.</source>
      <translation>Die Wünsche begrenzen nichts.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>{stopped}{evaluated:,} arrangements weighed in {seconds:.0f} s; left, right and both{subs} over the head volume, by which they are ranked.{now}</source>
      <translation>{stopped}{evaluated:,} Aufstellungen in {seconds:.0f} s abgewogen; links, rechts und beide{subs} über den Kopfraum, danach sind sie geordnet.{now}</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>; {id} {across} from the left, {along} from the front</source>
      <translation>; {id} {across} von links, {along} von vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/search_card.py" />
      <source>{count:,} arrangements weighed, best so far {best:.1f} dB.</source>
      <translation>{count:,} Aufstellungen abgewogen, beste bisher {best:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>the front wall</source>
      <translation>die vordere Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>the left wall</source>
      <translation>die linke Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>the back wall</source>
      <translation>die hintere Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>the right wall</source>
      <translation>die rechte Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>whichever wall is best</source>
      <translation>welche Wand die beste ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>stays where it is</source>
      <translation>bleibt, wo er ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>along walls and in corners</source>
      <translation>an Wänden und in Ecken</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>within the region drawn</source>
      <translation>innerhalb des gezeichneten Bereichs</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>close behind the main seat</source>
      <translation>dicht hinter dem Haupthörplatz</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Listen from no nearer than</source>
      <translation>Nicht näher hören als</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>and no farther than</source>
      <translation>und nicht weiter als</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Behind the head, at least</source>
      <translation>Hinter dem Kopf mindestens</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Cabinets off the front wall, at least</source>
      <translation>Gehäuse von der vorderen Wand mindestens</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>and off the side walls, at least</source>
      <translation>und von den Seitenwänden mindestens</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Stands reach above and below the ear by</source>
      <translation>Ständer reichen über und unter das Ohr um</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>The seat from the wall faced, at most</source>
      <translation>Der Hörplatz von der Blickwand höchstens</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>and the monitors, at most</source>
      <translation>und die Monitore höchstens</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Keep off half of the length</source>
      <translation>Nicht auf halber Länge</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>The desk stays at the wall</source>
      <translation>Der Tisch bleibt an der Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>A clear way to each door</source>
      <translation>Ein freier Weg zu jeder Tür</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>The seat stays where it is</source>
      <translation>Der Hörplatz bleibt, wo er ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>The monitors stay where they are</source>
      <translation>Die Monitore bleiben, wo sie sind</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>wish equilateral_tolerance</source>
      <translation>Wunsch: Abweichung vom gleichseitigen Dreieck</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Triangle equilateral within</source>
      <translation>Dreieck gleichseitig innerhalb</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Face</source>
      <translation>Blick auf</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>The subwoofer</source>
      <translation>Der Subwoofer</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Draw a region</source>
      <translation>Einen Bereich zeichnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>One seat perfect</source>
      <translation>Ein Hörplatz vollkommen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>all seats good</source>
      <translation>alle Hörplätze gut</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Even</source>
      <translation>Eben</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Stay on the room's middle line</source>
      <translation>Auf der Mittellinie des Raums bleiben</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Two subwoofers stand alike, left and right of it</source>
      <translation>Zwei Subwoofer stehen gleich, links und rechts davon</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>{low}, or {high}</source>
      <translation>{low}, oder {high}</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Drag a rectangle on the plan: the subwoofer will be searched within it.</source>
      <translation>Auf dem Plan ein Rechteck aufziehen: der Subwoofer wird darin gesucht.</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Wishes for the search</source>
      <translation>Wünsche für die Suche</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>Draw it anew</source>
      <translation>Neu zeichnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/lineup/wishes_card.py" />
      <source>wish {name}</source>
      <translation>Wunsch {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>Every loudspeaker at the same level, time and curve at the main seat: from takes of each alone at up to six points of the head, else by forecast. Turn each to the ear. Those that may move are moved before anything is set.</source>
      <translation>Jeder Lautsprecher am Haupthörplatz mit gleichem Pegel, gleicher Zeit und Kurve: aus Messungen von jedem allein an bis zu sechs Punkten des Kopfs, sonst nach der Vorhersage. Jeden zum Ohr drehen. Bewegliche werden bewegt, bevor etwas eingestellt wird.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>See what is off</source>
      <translation>Sehen, was daneben ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>Move those that may</source>
      <translation>Die beweglichen bewegen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>Set levels and times</source>
      <translation>Pegel und Zeiten einstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source> Move first, then set.</source>
      <translation> Erst bewegen, dann einstellen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>{how}, mean on power over {points} points of the head.{last}</source>
      <translation>{how}, Leistungsmittel über {points} Punkte des Kopfs.{last}</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>Move around the seat</source>
      <translation>Rund um den Hörplatz bewegen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/around_card.py" />
      <source>{level_db:+.1f} dB</source>
      <translation>{level_db:+.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/build_card.py" />
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <location filename="../../report/templates/card.html" />
      <source>With the tape</source>
      <translation>Mit dem Maßband</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/build_card.py" />
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <location filename="../../report/templates/card.html" />
      <source>Set like this</source>
      <translation>So eingestellt</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/build_card.py" />
      <location filename="../../report/full.py" />
      <source>Fixing and carrying</source>
      <translation>Befestigen und Tragen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/build_card.py" />
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <location filename="../../report/templates/card.html" />
      <source>Cautions</source>
      <translation>Vorsicht</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/checklist_card.py" />
      <location filename="../../report/full.py" />
      <source>not known</source>
      <translation>nicht bekannt</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/checklist_card.py" />
      <source>Tick the check list</source>
      <translation>Die Prüfliste abhaken</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/checklist_card.py" />
      <source>{count} open. What can be measured or placed fills itself in; the rest is yours.</source>
      <translation>{count} offen. Was sich messen oder aufstellen lässt, füllt sich von selbst; das Übrige ist Ihre Sache.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Place first, trim second, equalise last. From takes over the head (or, said to be so, from the forecast) it is told for each hill whether a cut can mend it and for each hollow why nothing fills it. Cuts only, none beyond 12 dB, and each section must buy 0.2 dB.</source>
      <translation>Erst stellen, dann anpassen, zuletzt entzerren. Aus Messungen über den Kopf (oder, dann gesagt, aus der Vorhersage) wird für jeden Hügel gesagt, ob eine Absenkung ihn mildert, und für jede Senke, warum nichts sie füllt. Nur Absenkungen, keine über 12 dB, und jeder Filter muss 0,2 dB bringen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Find sections</source>
      <translation>Filter finden</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>{by}. Trims first, {before_db:.1f} → {after_db:.1f} dB: {told}.</source>
      <translation>{by}. Erst Anpassungen, {before_db:.1f} → {after_db:.1f} dB: {told}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>{count} sections are set. Dial them in, then measure all that plays as set: what was foretold is held against it.</source>
      <translation>{count} Filter sind gesetzt. Einstellen, dann alles messen, wie es eingestellt spielt: das Vorausgesagte wird dagegen gehalten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>{by}. Trims stay as they are.</source>
      <translation>{by}. Anpassungen bleiben, wie sie sind.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>as they are</source>
      <translation>wie sie sind</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>equaliser scope</source>
      <translation>Bereich des Equalizers</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>equaliser source</source>
      <translation>Quelle des Equalizers</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>equaliser group</source>
      <translation>Gruppe des Equalizers</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Set trims and sections</source>
      <translation>Anpassungen und Filter setzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Strength of the correction, per cent</source>
      <translation>Stärke der Korrektur, Prozent</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Measure it as set</source>
      <translation>Messen, wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Take sections out</source>
      <translation>Filter herausnehmen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>after the equaliser; dotted: before</source>
      <translation>nach dem Equalizer; gepunktet: davor</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>nothing to cut</source>
      <translation>nichts abzusenken</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>{name}: {cuts}.
Decibels from even: {points}. Held against the target: {words}.</source>
      <translation>{name}: {cuts}.
Dezibel uneben: {points}. Gegen das Ziel gehalten: {words}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Listening for hills …</source>
      <translation>Es wird nach Hügeln gehört …</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>From takes</source>
      <translation>Aus Messungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Fitted</source>
      <translation>Eingepasst</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Hill by hill</source>
      <translation>Hügel für Hügel</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Equaliser</source>
      <translation>Equalizer</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>by takes</source>
      <translation>nach Messungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <location filename="../../app/stations/subs/align_card.py" />
      <source>by forecast</source>
      <translation>nach Vorhersage</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Strength</source>
      <translation>Stärke</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>No section is set.</source>
      <translation>Kein Filter ist gesetzt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>filled: after, foretold; dotted: before; mean over the head</source>
      <translation>gefüllt: danach, vorausgesagt; gepunktet: davor; Mittel über den Kopf</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_card.py" />
      <source>Set the equaliser</source>
      <translation>Den Equalizer setzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_files.py" />
      <source>Save sections …</source>
      <translation>Filter speichern …</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/equaliser_files.py" />
      <source>Sections saved as {name}.</source>
      <translation>Filter als {name} gespeichert.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>Front</source>
      <translation>Vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../app/widgets/mix_choice.py" />
      <location filename="../../placement/mixes.py" />
      <source>Right</source>
      <translation>Rechts</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>Back</source>
      <translation>Hinten</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../app/widgets/mix_choice.py" />
      <location filename="../../placement/mixes.py" />
      <source>Left</source>
      <translation>Links</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source> The lines through the head meet the {met}.</source>
      <translation> Die Linien durch den Kopf treffen: {met}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>First reflections at the {seat}: {loud} of {points} come within {early_seconds:.0f} ms above {with_minus} dB of the direct sound, which listening rooms should avoid (ITU-R BS.1116-3). Hold a mirror there: from the seat you see the loudspeaker.{through}</source>
      <translation>Erste Reflexionen am Hörplatz {seat}: {loud} von {points} kommen innerhalb von {early_seconds:.0f} ms über {with_minus} dB gegen den Direktschall, was Hörräume vermeiden sollten (ITU-R BS.1116-3). Dort einen Spiegel halten: vom Hörplatz aus sieht man den Lautsprecher.{through}</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>reflections {here}</source>
      <translation>Reflexionen {here}</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>no reflection</source>
      <translation>keine Reflexion</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>{side} side, {told}</source>
      <translation>Seite {side}, {told}</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source> By third of an octave: {bands}.</source>
      <translation> Nach Terzen: {bands}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../report/full.py" />
      <source>For whoever treats the room</source>
      <translation>Für den, der den Raum behandelt</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>Elevations</source>
      <translation>Wandansichten</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <source>What remains, in order of harm</source>
      <translation>Was bleibt, nach Schaden geordnet</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../report/full.py" />
      <source>Nothing of 3 dB or more.</source>
      <translation>Nichts von 3 dB oder mehr.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../app/stations/takes/take_card.py" />
      <source>Working it out …</source>
      <translation>Wird ausgearbeitet …</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/handover_card.py" />
      <location filename="../../placement/cautions.py" />
      <source> and the </source>
      <translation> und </translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/ledger_glimpse.py" />
      <source>Moves, takes and choices are written here as they happen.</source>
      <translation>Bewegungen, Messungen und Entscheidungen stehen hier, wie sie geschehen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/ledger_glimpse.py" />
      <source>All of it</source>
      <translation>Alles</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_answers.py" />
      <source>The room is being worked out as it is; until then nothing is decided.</source>
      <translation>Der Raum wird durchgerechnet, wie er ist; bis dahin ist nichts entschieden.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>What was chosen, why, how sure it is, and what it would take to do better.</source>
      <translation>Was gewählt wurde, warum, wie sicher es ist und was nötig wäre, um besser zu sein.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>What is open before anybody treats the room, and what leaving it open costs.</source>
      <translation>Was offen ist, bevor jemand den Raum behandelt, und was es kostet, es offen zu lassen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Last, and only for what is left: it cuts hills, it fills nothing.</source>
      <translation>Zuletzt, und nur für das, was bleibt: er senkt Hügel, er füllt nichts.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>All heard alike at the main seat: moved first, then set.</source>
      <translation>Alle am Haupthörplatz gleich gehört: erst bewegt, dann eingestellt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>What is left for whoever treats the room. Nothing is treated here.</source>
      <translation>Was für den bleibt, der den Raum behandelt. Hier wird nichts behandelt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Monitors are measured at the acoustic centre on their front, and at the corner chosen at Fine-tune; set them to 1 or 2 cm.</source>
      <translation>Monitore werden am akustischen Zentrum auf ihrer Front gemessen und an der bei „Feinarbeit“ gewählten Ecke; auf 1 bis 2 cm stellen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Is it finished?</source>
      <translation>Ist es fertig?</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Verdict</source>
      <translation>Urteil</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <location filename="../../report/full.py" />
      <source>Check list</source>
      <translation>Prüfliste</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Hand-over</source>
      <translation>Übergabe</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>To build from</source>
      <translation>Danach bauen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>report paper</source>
      <translation>Papier des Berichts</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Save report…</source>
      <translation>Bericht speichern …</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>Nothing to sign off yet</source>
      <translation>Noch nichts abzunehmen</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>{name}, picked</source>
      <translation>{name}, gewählt</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>{name}, not picked yet</source>
      <translation>{name}, noch nicht gewählt</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/signoff_page.py" />
      <source>At Sign-off.</source>
      <translation>Bei der Abnahme.</translation>
    </message>
    <message>
      <location filename="../../app/stations/signoff/verdict_card.py" />
      <source>Working out what is left …</source>
      <translation>Was bleibt, wird ausgearbeitet …</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>The sub plays with its polarity reversed: where the dip at the crossover is deepest, the two add up best once it is restored. Turn a knob and watch.</source>
      <translation>Der Sub spielt mit umgekehrter Polarität: wo die Senke am Übergang am tiefsten ist, ergänzen sich beide am besten, sobald sie zurückgestellt ist. An einem Regler drehen und zusehen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source> Of several, match levels, align time, then judge the sum of all.</source>
      <translation> Bei mehreren: Pegel angleichen, Zeit ausrichten, dann die Summe aller beurteilen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>from the takes</source>
      <translation>aus den Messungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>{sub} aligned by the null</source>
      <translation>{sub} mit der Auslöschung ausgerichtet</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>The deepest heard stands at {words}, the calculation at {told_at}: trust what is heard.</source>
      <translation>Die tiefste gehörte steht bei {words}, die Rechnung bei {told_at}: dem Gehörten glauben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>align sub</source>
      <translation>Sub ausrichten</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Listen for the null</source>
      <translation>Auf die Auslöschung hören</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>To the deepest heard</source>
      <translation>Zur tiefsten gehörten</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>To the calculated</source>
      <translation>Zur berechneten</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Polarity over</source>
      <translation>Polarität umkehren</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Check the sum</source>
      <translation>Die Summe prüfen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Restores the polarity and hears whether the two add up</source>
      <translation>Stellt die Polarität zurück und hört, ob beide sich ergänzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Keep these</source>
      <translation>Diese behalten</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Take of all that plays</source>
      <translation>Messung von allem, was spielt</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Polarity {polarity}: turn over</source>
      <translation>Polarität {polarity}: umkehren</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>, {depth_db:.1f} dB deep</source>
      <translation>, {depth_db:.1f} dB tief</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>; the sum {over_parts_db:+.1f} of {most_db:+.1f} dB</source>
      <translation>; die Summe {over_parts_db:+.1f} von {most_db:+.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Keep as aligned</source>
      <translation>Wie ausgerichtet behalten</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Measuring all that plays, as it is set; it is kept under Takes.</source>
      <translation>Alles, was spielt, wird gemessen, wie es eingestellt ist; es liegt dann bei „Messungen“.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Align by the null</source>
      <translation>Mit der Auslöschung ausrichten</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Silence</source>
      <translation>Stille</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/align_card.py" />
      <source>Calculated {by}: {words}</source>
      <translation>Berechnet {by}: {words}</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/set_card.py" />
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Set {name}</source>
      <translation>{name} einstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/set_card.py" />
      <source>hands over at</source>
      <translation>übergibt bei</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/set_card.py" />
      <source>full range</source>
      <translation>ganzer Bereich</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Every control that its sheet in Gear names is tried, within its range and steps, for what is heard over the head: left, right and both, with the sub.</source>
      <translation>Jeder Regler, den sein Blatt bei „Geräte“ nennt, wird in seinem Bereich und seinen Schritten probiert, für das, was über den Kopf gehört wird: links, rechts und beide, mit dem Sub.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>{without_db:.1f} dB</source>
      <translation>{without_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>settings seats</source>
      <translation>Hörplätze der Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>settings source</source>
      <translation>Quelle der Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Find settings</source>
      <translation>Einstellungen finden</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Set them</source>
      <translation>So einstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>{by}, all that plays at the ear: {heard} from even. Over the head, each side too: {before_db:.1f} → {after_db:.1f} dB.</source>
      <translation>{by}, alles was spielt, am Ohr: {heard} uneben. Über den Kopfraum, jede Seite mit: {before_db:.1f} → {after_db:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Turning knobs …</source>
      <translation>Es wird an Reglern gedreht …</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>by itself</source>
      <translation>für sich</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>lost without it</source>
      <translation>ohne verloren</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Best settings</source>
      <translation>Beste Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>every seat</source>
      <translation>jeder Hörplatz</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>{seat} {before_db:.1f} → {after_db:.1f} dB</source>
      <translation>{seat} {before_db:.1f} → {after_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Takes of each, summed</source>
      <translation>Messungen von jedem, summiert</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Forecast as fitted</source>
      <translation>Vorhersage wie angepasst</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/settings_card.py" />
      <source>Set as found</source>
      <translation>Eingestellt wie gefunden</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Subwoofers of the same model, none to four, each where it and its settings serve best.</source>
      <translation>Subwoofer desselben Modells, keiner bis vier, jeder, wo er mit seinen Einstellungen am besten dient.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>seat of the shares</source>
      <translation>Hörplatz der Anteile</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Each subwoofer alone at the seat, 10 to 125 Hz.</source>
      <translation>Jeder Subwoofer allein am Hörplatz, 10 bis 125 Hz.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Weigh them</source>
      <translation>Abwägen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Tint its places</source>
      <translation>Seine Orte tönen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>What would more buy?</source>
      <translation>Was brächten mehr?</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>By takes.</source>
      <translation>Nach Messungen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Forecast.</source>
      <translation>Vorhersage.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Trying none to four, each where it serves best: half a minute …</source>
      <translation>Keiner bis vier werden probiert, jeder, wo er am besten dient: eine halbe Minute …</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Who does the work</source>
      <translation>Wer die Arbeit tut</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/shares_card.py" />
      <source>Between the seats levels differ by {spread:.1f} dB (10 to 125 Hz).</source>
      <translation>Zwischen den Hörplätzen weichen Pegel um {spread:.1f} dB ab (10 bis 125 Hz).</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>How should everything be set?</source>
      <translation>Wie soll alles eingestellt sein?</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>{name}: {before:.1f} → {after:.1f} dB from even by its settings</source>
      <translation>{name}: {before:.1f} → {after:.1f} dB uneben durch die Einstellungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>1  Set</source>
      <translation>1  Einstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>2  Verify by measuring</source>
      <translation>2  Durch Messen prüfen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>3  Refine</source>
      <translation>3  Verfeinern</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>{name} is set as well as its controls allow: {after:.1f} dB</source>
      <translation>{name} ist so gut eingestellt, wie die Regler es erlauben: {after:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>As set, to be typed over</source>
      <translation>Wie eingestellt, zum Überschreiben</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>monitors and subs</source>
      <translation>Monitore und Subs</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>Settings belong to the arrangement: another place asks for others.</source>
      <translation>Einstellungen gehören zur Aufstellung: ein anderer Platz verlangt andere.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>Nothing to set yet</source>
      <translation>Noch nichts einzustellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>Rough in an arrangement at Line-up; its settings are found here.</source>
      <translation>Unter „Aufstellen“ eine Aufstellung anlegen; ihre Einstellungen werden hier gefunden.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>monitors and sub</source>
      <translation>Monitore und Sub</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/subs_page.py" />
      <source>{name}: how {what} are set</source>
      <translation>{name}: wie {what} eingestellt sind</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>What the main seat would give up for the others, by settings alone.</source>
      <translation>Was der Haupthörplatz für die anderen aufgäbe, allein durch Einstellungen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>as it is set</source>
      <translation>wie es eingestellt ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>the main seat alone</source>
      <translation>der Haupthörplatz allein</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>the others as much as the main one</source>
      <translation>die anderen so viel wie der wichtigste</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>the others {weight:g} times the main one</source>
      <translation>die anderen {weight:g}-mal so viel wie der wichtigste</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>the others {weight:.0f} % of the main one</source>
      <translation>die anderen {weight:.0f} % des wichtigsten</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>Show the trade</source>
      <translation>Den Tausch zeigen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>From even at each ear, dB; what another betters is left out. Click a point, or the button of a row.</source>
      <translation>Uneben an jedem Ohr, dB; was ein anderer übertrifft, ist weggelassen. Einen Punkt anklicken oder den Knopf einer Zeile.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>Turning knobs for each seat …</source>
      <translation>Für jeden Hörplatz wird an Reglern gedreht …</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>set for {weight_words}.</source>
      <translation>eingestellt für {weight_words}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>Set as traded</source>
      <translation>Eingestellt wie getauscht</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>Between seats</source>
      <translation>Zwischen Hörplätzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>seats differ by</source>
      <translation>Hörplätze unterscheiden sich um</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/trade_card.py" />
      <source>Set this</source>
      <translation>So einstellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>The sub at each corner and wall, by forecast, and beside it what you measure there.</source>
      <translation>Der Sub in jeder Ecke und an jeder Wand, nach der Vorhersage, und daneben, was Sie dort messen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>sub on the seat, microphone walks</source>
      <translation>Sub auf dem Hörplatz, Mikrofon geht</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>from left, front</source>
      <translation>von links, von vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>20 to 120 Hz, alone</source>
      <translation>20 bis 120 Hz, allein</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>with the pair</source>
      <translation>mit dem Paar</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>walk sub</source>
      <translation>Sub zum Abgehen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>walk seat</source>
      <translation>Hörplatz zum Abgehen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>Loudspeaker and microphone may change places (reciprocity): one stand to move instead of a subwoofer. It is heard from ahead of its front, so put it on the chair with its front a hand's length short of your head's place; the microphone goes as far ahead of where the front would be, as high as the middle of the sub.</source>
      <translation>Lautsprecher und Mikrofon dürfen die Plätze tauschen (Reziprozität): ein Stativ wandert statt eines Subwoofers. Man hört ihn von einem Punkt vor seiner Front, also stellen Sie ihn so auf den Stuhl, dass die Front eine Handlänge vor dem Platz Ihres Kopfes endet; das Mikrofon kommt ebenso weit vor die Stelle der Front, so hoch wie die Mitte des Subwoofers.</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>Show the places</source>
      <translation>Die Orte zeigen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <location filename="../../app/stations/takes/measure_card.py" />
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Measure</source>
      <translation>Messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Measure again</source>
      <translation>Noch einmal messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>microphone {where}</source>
      <translation>Mikrofon {where}</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Playing and listening: {what} …</source>
      <translation>Spielt und hört: {what} …</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>Stand {currenttext}: {name}</source>
      <translation>{currenttext} hinstellen: {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>Walk it round</source>
      <translation>Rundum tragen</translation>
    </message>
    <message>
      <location filename="../../app/stations/subs/walk_card.py" />
      <source>Stand it there</source>
      <translation>Dorthin stellen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/modes_card.py" />
      <source>Modes</source>
      <translation>Moden</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/modes_card.py" />
      <source>Beside each: how {name} meets it at the {seat}, both monitors playing. Rigid walls assumed; real ones shift a mode by a few per cent.</source>
      <translation>Daneben: wie {name} am Hörplatz {seat} ihr begegnet, beide Monitore spielen. Starre Wände angenommen; echte verschieben eine Mode um einige Prozent.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/modes_card.py" />
      <source>With an arrangement, each says how seat and monitors meet it.</source>
      <translation>Mit einer Aufstellung sagt jede, wie Hörplatz und Monitore ihr begegnen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/modes_card.py" />
      <source>{frequency_hz:.0f} Hz</source>
      <translation>{frequency_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>On the plan: drag a wall, a corner or a thing; keys W and arrows do the same. A wall that is open to another room counts as a passage: how much that takes away is an assumption.</source>
      <translation>Auf dem Plan: eine Wand, eine Ecke oder einen Gegenstand ziehen; die Taste W und die Pfeile tun dasselbe. Eine zu einem anderen Raum offene Wand zählt als Durchgang: wie viel das wegnimmt, ist eine Annahme.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>corner cut off</source>
      <translation>Ecke abgeschnitten</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>corner taken out</source>
      <translation>Ecke herausgenommen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>along it</source>
      <translation>an ihr entlang</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>along the next</source>
      <translation>an der nächsten entlang</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>wall in hand</source>
      <translation>Wand in der Hand</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>name of the wall</source>
      <translation>Name der Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>wall length</source>
      <translation>Länge der Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>what to add to the wall</source>
      <translation>was der Wand hinzuzufügen ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Add</source>
      <translation>Hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Take its first corner away</source>
      <translation>Ihre erste Ecke wegnehmen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Open this wall</source>
      <translation>Diese Wand öffnen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>The whole wall is open to another space, as a passage.</source>
      <translation>Die ganze Wand ist zu einem anderen Raum offen, als Durchgang.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Face this wall</source>
      <translation>Diese Wand anschauen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Turns the survey if need be; everything keeps its real place.</source>
      <translation>Dreht das Aufmaß, wenn nötig; alles behält seinen wirklichen Ort.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>right angles held</source>
      <translation>rechte Winkel gehalten</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Slope it here</source>
      <translation>Hier abschrägen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Make it flat</source>
      <translation>Eben machen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>{knee:.2f} m high at {wall}</source>
      <translation>{knee:.2f} m hoch an {wall}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>one slope</source>
      <translation>eine Schräge</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>a ridge</source>
      <translation>ein First</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Add to the wall {wall}: {kind}</source>
      <translation>An die Wand {wall} fügen: {kind}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Take away the corner where {wall} begins</source>
      <translation>Die Ecke wegnehmen, wo {wall} beginnt</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>The wall {wall} is open</source>
      <translation>Die Wand {wall} ist offen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Face the wall {wall}</source>
      <translation>Die Wand {wall} anschauen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>The ceiling slopes to {wall}</source>
      <translation>Die Decke fällt zu {wall} ab</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>The ceiling is flat</source>
      <translation>Die Decke ist eben</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <location filename="../../report/full.py" />
      <source>Plan</source>
      <translation>Grundriss</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Add to this wall</source>
      <translation>An diese Wand</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>recess {name}</source>
      <translation>Vorsprung {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>Ceiling</source>
      <translation>Decke</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>knee height</source>
      <translation>Höhe des Kniestocks</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>slope reach</source>
      <translation>Weite der Schräge</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>at this wall, full height</source>
      <translation>an dieser Wand, volle Höhe</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>from its end</source>
      <translation>von ihrem Ende</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/plan_card.py" />
      <source>The wall {wall} is {length:.2f} m long</source>
      <translation>Die Wand {wall} ist {length:.2f} m lang</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/surfaces_card.py" />
      <source>In brackets: absorption at 63 and 125 Hz, random incidence; point at one in the list for all bands to 4000 Hz. Handbook figures: they scatter by a third. A take beats them.</source>
      <translation>In Klammern: Absorption bei 63 und 125 Hz, allseitiger Einfall; in der Liste auf eine zeigen für alle Bänder bis 4000 Hz. Handbuchwerte: sie streuen um ein Drittel. Eine Messung ist besser.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/surfaces_card.py" />
      <source>{name} as {name2} surface</source>
      <translation>{name} als Oberfläche {name2}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/surfaces_card.py" />
      <source>Surfaces</source>
      <translation>Oberflächen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/surfaces_card.py" />
      <source>{name}  ({at63:.2f}, {at125:.2f})</source>
      <translation>{name}  ({at63:.2f}, {at125:.2f})</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/surfaces_card.py" />
      <source>{band:g} Hz {alpha:.2f}</source>
      <translation>{band:g} Hz {alpha:.2f}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/surfaces_card.py" />
      <source>{name} surface</source>
      <translation>Oberfläche {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>areas to keep free, the tape's checks, a voice's calm zone, the room by eye, its modes</source>
      <translation>Sperrflächen, Proben mit dem Maßband, Ruhezone der Stimme, der Raum nach Augenschein, seine Moden</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>What is the room like?</source>
      <translation>Wie ist der Raum?</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>from the front wall,</source>
      <translation>von der vorderen Wand,</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>from a side wall</source>
      <translation>von einer Seitenwand</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <location filename="../../app/stations/survey/things_card.py" />
      <source>from left</source>
      <translation>von links</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <location filename="../../app/stations/survey/things_card.py" />
      <source>from front</source>
      <translation>von vorn</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Rings about {time:.2f} s at 125 Hz, by Eyring's formula.</source>
      <translation>Klingt bei 125 Hz etwa {time:.2f} s nach, nach Eyrings Formel.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>{wall} wall, {start} from its end, {width} wide</source>
      <translation>Wand {wall}, {start} von ihrem Ende, {width} breit</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>a box</source>
      <translation>ein Quader</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>{walls} walls</source>
      <translation>{walls} Wände</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>sloped ceiling</source>
      <translation>schräge Decke</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>flat ceiling</source>
      <translation>flache Decke</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Room name</source>
      <translation>Name des Raums</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Windows, doors and passages</source>
      <translation>Fenster, Türen und Durchgänge</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Surfaces and shape</source>
      <translation>Oberflächen und Form</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>More</source>
      <translation>Mehr</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Keep-out areas</source>
      <translation>Sperrflächen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>{volume:.1f} m³; single modes rule up to {schroeder:.0f} Hz</source>
      <translation>{volume:.1f} m³; einzelne Moden herrschen bis {schroeder:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Face the left wall</source>
      <translation>Die linke Wand anschauen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Turns the whole survey; everything keeps its place in the real room.</source>
      <translation>Dreht das ganze Aufmaß; alles behält seinen Ort im wirklichen Raum.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>{what}: {evenness_db:.1f} dB from even at best ({school})</source>
      <translation>{what}: bestenfalls {evenness_db:.1f} dB uneben ({school})</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>{this_way}; {the_left_wall}. Forecast of the surveyed room for both monitors at the {seat}.</source>
      <translation>{this_way}; {the_left_wall}. Vorhersage des aufgenommenen Raums für beide Monitore am Platz {seat}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Add {kind}</source>
      <translation>{kind} hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>The air has</source>
      <translation>Die Luft hat</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>A {what} of {value:g} cannot be; give one between {limits:g} and {limits2:g}.</source>
      <translation>{what} kann nicht {value:g} sein; einen Wert zwischen {limits:g} und {limits2:g} angeben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Which wall to face</source>
      <translation>Welche Wand anschauen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Calm zone by voice</source>
      <translation>Ruhezone nach Stimme</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>calm zone {name}</source>
      <translation>Ruhezone {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Fine-tune leads the walk step by step; who has walked it writes the four distances here. Together they make the school “Calm zone”.</source>
      <translation>„Feinarbeit“ führt den Gang Schritt für Schritt; wer ihn gegangen ist, trägt hier die vier Abstände ein. Zusammen ergeben sie die Schule „Ruhezone“.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Scoring both …</source>
      <translation>Beide werden beurteilt …</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>{what}: no school can be met</source>
      <translation>{what}: keine Schule erfüllbar</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Set the calm zone</source>
      <translation>Die Ruhezone setzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>{width} by {depth}</source>
      <translation>{width} mal {depth}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Type the walls' lengths at Plan.</source>
      <translation>Die Längen der Wände bei „Grundriss“ eingeben.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>Name the room</source>
      <translation>Den Raum benennen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>keep-out {number}</source>
      <translation>Sperrfläche {number}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>None yet. Glass and doors let bass through: add them where they are.</source>
      <translation>Noch keine. Glas und Türen lassen Bass durch: dort eintragen, wo sie sind.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>None yet. Mark a stove, a shelf, a way out: nothing will be put there.</source>
      <translation>Noch keine. Einen Ofen, ein Regal, einen Ausgang markieren: dorthin kommt nichts.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <location filename="../../vocabulary.py" />
      <source>This way</source>
      <translation>In dieser Richtung</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/survey_page.py" />
      <source>opens into the room</source>
      <translation>öffnet in den Raum</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>A diagonal tells what two wall lengths cannot: whether they are true and the corners square.</source>
      <translation>Eine Diagonale sagt, was zwei Wandlängen nicht können: ob sie stimmen und die Ecken rechtwinklig sind.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>All lengths agree with the plan.</source>
      <translation>Alle Längen stimmen mit dem Plan überein.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>A length across the room</source>
      <translation>Eine Länge quer durch den Raum</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>Forget a length across the room</source>
      <translation>Eine Länge quer durch den Raum vergessen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>Check with the tape</source>
      <translation>Mit dem Maßband prüfen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>{title} corner</source>
      <translation>Ecke {title}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>corner of </source>
      <translation>Ecke von </translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>{start} to {end}</source>
      <translation>{start} bis {end}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>Choose two different corners to measure between.</source>
      <translation>Zwei verschiedene Ecken wählen, zwischen denen gemessen wird.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>from the</source>
      <translation>von</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>to the</source>
      <translation>bis</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>a wall is gone</source>
      <translation>eine Wand ist weg</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>{ends}: tape {taped}, plan {told}</source>
      <translation>{ends}: Maßband {taped}, Plan {told}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/tape_card.py" />
      <source>remove the length from {ends}</source>
      <translation>die Länge von {ends} entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>None yet. A wardrobe, a bookcase, a bed or a sofa changes what is heard below 300 Hz; solid things most. Forecast, maps and search know what you add here.</source>
      <translation>Noch keiner. Ein Schrank, ein Bücherregal, ein Bett oder ein Sofa ändert, was unter 300 Hz zu hören ist; massive am meisten. Vorhersage, Karten und Suche kennen, was hier steht.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>above floor</source>
      <translation>über dem Boden</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>thing to add</source>
      <translation>Gegenstand zum Hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>Add it</source>
      <translation>Hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>What does each do?</source>
      <translation>Was tut jeder?</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>The forecast at the seat, without each in turn; some ten seconds each.</source>
      <translation>Die Vorhersage am Hörplatz, ohne einen nach dem anderen; je etwa zehn Sekunden.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>Add {name}</source>
      <translation>{name} hinzufügen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>Remove a thing</source>
      <translation>Einen Gegenstand entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>What stands in the room</source>
      <translation>Was im Raum steht</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>Line up something that can stand first: it is judged at its seat.</source>
      <translation>Erst etwas aufstellen, das stehen kann: beurteilt wird an seinem Hörplatz.</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>Set {name} of a thing</source>
      <translation>{name} eines Gegenstands setzen</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>kind of {name}</source>
      <translation>Art von {name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/survey/things_card.py" />
      <source>remove {name}</source>
      <translation>{name} entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/arrangement_tiles.py" />
      <source>{made} of {wanted} takes</source>
      <translation>{made} von {wanted} Messungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>Trims flat, equaliser off.</source>
      <translation>Klangregler neutral, Equalizer aus.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>Desk and furniture as they will be used.</source>
      <translation>Tisch und Möbel, wie sie benutzt werden.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>Microphone where the middle of the head will be; tape on the floor under the seat.</source>
      <translation>Mikrofon, wo die Mitte des Kopfs sein wird; Klebeband auf dem Boden unter dem Hörplatz.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>The microphone's calibration loaded, and the right one for the direction it points.</source>
      <translation>Die Kalibrierung des Mikrofons geladen, und die richtige für die Richtung, in die es zeigt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>Level checked; the same for every take.</source>
      <translation>Pegel geprüft; bei jeder Messung derselbe.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>Subwoofer alone: low-pass open, its gain where Gear says 0 dB; the crossover is calculated.</source>
      <translation>Subwoofer allein: Tiefpass offen, sein Pegel, wo „Geräte“ 0 dB sagt; der Übergang wird berechnet.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>{left} of {boxes} things below are not ticked yet.</source>
      <translation>{left} von {boxes} Dingen unten sind noch nicht abgehakt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>Before you measure</source>
      <translation>Vor dem Messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/before_measuring.py" />
      <source>Files from elsewhere need frequency, level and, for adding sources up, phase from one timing reference.</source>
      <translation>Dateien von anderswo brauchen Frequenz, Pegel und, um Quellen zu addieren, die Phase mit einem gemeinsamen Zeitbezug.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <source>Left out until you say: something that was so when they were taken has changed.</source>
      <translation>Ausgelassen, bis Sie es sagen: etwas hat sich seit der Messung geändert.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <source>Still valid</source>
      <translation>Noch gültig</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <source>Hold takes valid</source>
      <translation>Messungen für gültig halten</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <source>Remove takes that may not hold</source>
      <translation>Messungen entfernen, die nicht mehr gelten könnten</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <source>Still valid?</source>
      <translation>Noch gültig?</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>{source} at the {seat} in “{name}”</source>
      <translation>{source} am Hörplatz {seat} in „{name}“</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <source>and {takes} more</source>
      <translation>und {takes} weitere</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/doubtful_card.py" />
      <source>All {takes} of them</source>
      <translation>Alle {takes}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>{said}Quiet while it plays; check the level first.</source>
      <translation>{said}Ruhe, während es spielt; erst den Pegel prüfen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Device that plays</source>
      <translation>Gerät, das spielt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Device of the microphone</source>
      <translation>Gerät des Mikrofons</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Loudspeaker that plays the markers</source>
      <translation>Lautsprecher, der die Marken spielt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Two devices have two clocks. A short marker before and after each sweep brings them together; it comes from this loudspeaker, which must not move meanwhile.</source>
      <translation>Zwei Geräte haben zwei Uhren. Eine kurze Marke vor und nach jedem Sweep bringt sie zusammen; sie kommt aus diesem Lautsprecher, der währenddessen stehen bleiben muss.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>hears</source>
      <translation>hört</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>markers from</source>
      <translation>Marken aus</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Look for sound cards</source>
      <translation>Nach Soundkarten suchen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Channels …</source>
      <translation>Kanäle …</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Calibrate …</source>
      <translation>Kalibrieren …</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Microphone file …</source>
      <translation>Mikrofondatei …</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Where around the head</source>
      <translation>Wo um den Kopf</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>{name}: a made-up room much like {room}, furnished, with walls that give way and a thing or two the survey lacks; it is silent.</source>
      <translation>{name}: ein erdachter Raum, ganz ähnlich {room}, möbliert, mit nachgiebigen Wänden und einem oder zwei Dingen, die dem Aufmaß fehlen; er ist stumm.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>Set up with {wanting}. </source>
      <translation>Eingerichtet mit {wanting}. </translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>{outputs} can play, {inputs} can hear. Choose what plays and what hears; at “Channels …” say where each source and the microphone are plugged in.</source>
      <translation>{outputs} zum Spielen, {inputs} zum Hören. Bitte wählen, was spielt und was hört; bei „Kanäle …“ steht, wo jede Quelle und das Mikrofon stecken.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>plays</source>
      <translation>spielt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>no loopback, so no timing reference</source>
      <translation>keine Schleife, also kein Zeitbezug</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <location filename="../../studio/levelling.py" />
      <source>level not calibrated</source>
      <translation>Pegel nicht kalibriert</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>the same device</source>
      <translation>dasselbe Gerät</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>{name} is there now.</source>
      <translation>{name} ist jetzt da.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>{count} device</source>
      <translation>{count} Gerät</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source>{count} devices</source>
      <translation>{count} Geräte</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <source> (not there)</source>
      <translation> (nicht da)</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/equipment.py" />
      <location filename="../../diagnosis/interventions.py" />
      <location filename="../../placement/settings/as_set.py" />
      <source> and </source>
      <translation> und </translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Which room forecasts, search and comparison are worked out in</source>
      <translation>In welchem Raum Vorhersagen, Suche und Vergleich gerechnet werden</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Fit the room</source>
      <translation>Den Raum einpassen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Every figure …</source>
      <translation>Jede Zahl …</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Measure that</source>
      <translation>Das messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>{name} {before_db:.1f} → {after_db:.1f} dB</source>
      <translation>{name} {before_db:.1f} → {after_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>; and {worst} that fit better</source>
      <translation>; und {worst}, die besser passen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source> Not shown by these takes: {hidden}.</source>
      <translation> Von diesen Messungen nicht gezeigt: {hidden}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>What the fit changed</source>
      <translation>Was das Einpassen geändert hat</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>What the takes teach</source>
      <translation>Was die Messungen lehren</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Fit again</source>
      <translation>Noch einmal einpassen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Takes have come or gone: fitting again</source>
      <translation>Messungen kamen oder gingen: wird neu eingepasst</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Fitting</source>
      <translation>Wird eingepasst</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>{again}, a few seconds for a few takes …</source>
      <translation>{again}, einige Sekunden bei wenigen Messungen …</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Farthest from the model: </source>
      <translation>Am weitesten vom Modell: </translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>As surveyed</source>
      <translation>Wie aufgemessen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>As fitted</source>
      <translation>Wie eingepasst</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Sizes, absorption, places and levels within their tolerances, so that the model agrees with what was measured. Forecasts then say how sure they are.</source>
      <translation>Maße, Absorption, Orte und Pegel innerhalb ihrer Toleranzen, sodass das Modell mit dem Gemessenen übereinstimmt. Vorhersagen sagen dann, wie sicher sie sind.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/fit_card.py" />
      <source>Takes have come or gone since; fit again. </source>
      <translation>Seither kamen oder gingen Messungen; noch einmal einpassen. </translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/head_points.py" />
      <source>the head's centre</source>
      <translation>die Mitte des Kopfs</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/head_points.py" />
      <source>{d:.0f} cm {d2}</source>
      <translation>{d:.0f} cm {d2}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <location filename="../../fitting/fit_words.py" />
      <source>{count} take</source>
      <translation>{count} Messung</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <location filename="../../fitting/fit_words.py" />
      <source>{count} takes</source>
      <translation>{count} Messungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>Measure all of it</source>
      <translation>Alles messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>It stands there: go on</source>
      <translation>Es steht dort: weiter</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>Put the microphone at the {seat}, as the plan shows it: {left} to come.</source>
      <translation>Das Mikrofon an den Platz {seat} stellen, wie der Grundriss ihn zeigt: noch {left}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>{number} of {count}. Any key silences it.</source>
      <translation>{number} von {count}. Jede Taste bringt es zum Schweigen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>{takes}, {seconds:.0f} s of sound: one place of the microphone after another, what was spoilt once more. Any key silences it.</source>
      <translation>{takes}, {seconds:.0f} s Klang: ein Ort des Mikrofons nach dem anderen, Verdorbenes noch einmal. Jede Taste bringt es zum Schweigen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>Stopped after {count}; the rest can follow.</source>
      <translation>Angehalten nach {count}; der Rest kann folgen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>That one was spoilt; once more.</source>
      <translation>Die war verdorben; noch einmal.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>Stopped after {count}: {tries} were spoilt one after the other. What was wrong stands above; put it right, then go on.</source>
      <translation>Angehalten nach {count}: {tries} waren nacheinander verdorben. Was nicht stimmte, steht oben; bitte beheben, dann weiter.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/in_one_go.py" />
      <source>All of it is measured: {count}.</source>
      <translation>Alles ist gemessen: {count}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/known_level.py" />
      <source>calibration</source>
      <translation>Kalibrierung</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/known_level.py" />
      <source>Full scale is {full_scale_db_spl:.1f} dB SPL. Do not touch the input's gain.</source>
      <translation>Vollaussteuerung ist {full_scale_db_spl:.1f} dB SPL. Die Eingangsverstärkung nicht anrühren.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <location filename="../../fitting/next_take.py" />
      <source>both monitors</source>
      <translation>beide Monitore</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <location filename="../../diagnosis/moves.py" />
      <location filename="../../fitting/next_take.py" />
      <source>the left monitor</source>
      <translation>der linke Monitor</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <location filename="../../diagnosis/moves.py" />
      <location filename="../../fitting/next_take.py" />
      <source>the right monitor</source>
      <translation>der rechte Monitor</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>all that plays, as it is set</source>
      <translation>alles, was spielt, wie es eingestellt ist</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>both monitors, as they are set</source>
      <translation>beide Monitore, wie sie eingestellt sind</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Measure it</source>
      <translation>Messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Equipment and sweep</source>
      <translation>Geräte und Sweep</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <location filename="../../app/stations/takes/take_chip.py" />
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>{source} at the {seat}</source>
      <translation>{source} am Hörplatz {seat}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>level check</source>
      <translation>Pegelprüfung</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>the call for the next place</source>
      <translation>der Ruf zum nächsten Ort</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Stopped; nothing was kept.</source>
      <translation>Angehalten; nichts wurde behalten.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Measure {where} at the {where2}</source>
      <translation>{where} am Hörplatz {where2} messen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source> {level_db_spl:.0f} dB SPL at the seat.</source>
      <translation> {level_db_spl:.0f} dB SPL am Hörplatz.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>Rough in an arrangement first.</source>
      <translation>Erst eine Aufstellung anlegen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>A good take.</source>
      <translation>Eine gute Messung.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>A doubtful take:</source>
      <translation>Eine zweifelhafte Messung:</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>A bad take, kept but left out of every ranking:</source>
      <translation>Eine schlechte Messung, behalten, aber in keiner Rangfolge:</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Everything of “{name}” is measured.</source>
      <translation>Von „{name}“ ist alles gemessen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Above 260 Hz it sounds like the box around your room. </source>
      <translation>Über 260 Hz klingt er wie der Quader um Ihren Raum. </translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>Next: {source} at the {seat}; microphone {y} from the front wall, {x} from the left, {z} high. {about} {bare}{is_card}</source>
      <translation>Als Nächstes: {source} am Hörplatz {seat}; Mikrofon {y} von der vorderen Wand, {x} von links, {z} hoch. {about} {bare}{is_card}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/measure_card.py" />
      <source>The take is in the document only: {error}</source>
      <translation>Die Messung ist nur im Dokument: {error}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>No block along the walls would explain much of it: look for an opening, a corner of the plan, or a take that is wrong.</source>
      <translation>Kein Block an den Wänden würde viel davon erklären: nach einer Öffnung, einer Ecke des Grundrisses oder einer falschen Messung suchen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>The fit leaves {residual_db:.1f} dB unexplained: more than walls and tape do. Blocks are tried along the walls</source>
      <translation>Das Einpassen lässt {residual_db:.1f} dB unerklärt: mehr, als Wände und Maßband tun. An den Wänden werden Blöcke probiert</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>looking for what is missing</source>
      <translation>beim Suchen nach dem Fehlenden</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>Is there something tall {where}?</source>
      <translation>Steht {where} etwas Hohes?</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>Put in what was missing</source>
      <translation>Das Fehlende eingesetzt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>Is something missing?</source>
      <translation>Fehlt etwas?</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>{opening}, {share:.0f} % …</source>
      <translation>{opening}, {share:.0f} % …</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>{opening}. Likeliest:</source>
      <translation>{opening}. Am ehesten:</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>Yes, put it in</source>
      <translation>Ja, aufnehmen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/missing_card.py" />
      <source>It is in the survey as “missing”: name and measure it there, say at Takes that they still hold, and fit again.</source>
      <translation>Es steht im Aufmaß als „missing“: dort benennen und ausmessen, bei „Messungen“ sagen, dass sie noch gelten, und noch einmal einpassen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>output level</source>
      <translation>Ausgangspegel</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>sweep length</source>
      <translation>Länge des Sweeps</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>loudest output</source>
      <translation>lautester Ausgang</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>Below full scale: neither the level check nor a sweep is played above it, however quiet it is at the seat.</source>
      <translation>Unter Vollaussteuerung: weder die Pegelprüfung noch ein Sweep wird darüber gespielt, wie leise es am Hörplatz auch ist.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>sweeps averaged</source>
      <translation>gemittelte Sweeps</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>How often somebody slams a door or talks in the simulated studio</source>
      <translation>Wie oft im simulierten Studio jemand eine Tür zuschlägt oder redet</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>sweep from</source>
      <translation>Sweep von</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>sweep to</source>
      <translation>Sweep bis</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>Check the level</source>
      <translation>Den Pegel prüfen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>The {name} goes from {low:g} to {high:g}; it stays as it was.</source>
      <translation>{name} geht von {low:g} bis {high:g}; es blieb, wie es war.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/sweep_row.py" />
      <source>never above</source>
      <translation>nie über</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>{source} at the {seat}{point}, {file_name}</source>
      <translation>{source} am Hörplatz {seat}{point}, {file_name}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source> Over {takes} points around the head the level spreads by {spread_between:.1f} dB.</source>
      <translation> Über {takes} Punkte um den Kopf streut der Pegel um {spread_between:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>Longest: {words}.</source>
      <translation>Am längsten: {words}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>, {point} of the head's centre</source>
      <translation>, {point} von der Mitte des Kopfs</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>Take</source>
      <translation>Messung</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <location filename="../../signals/gating.py" />
      <source>gate before the arrival</source>
      <translation>Fenster vor der Ankunft</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <location filename="../../signals/gating.py" />
      <source>gate after the arrival</source>
      <translation>Fenster nach der Ankunft</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>The same number of cycles at every frequency, {cycles:g} to {cycles2:g}; 0 keeps all that the gates let through.</source>
      <translation>Gleich viele Perioden bei jeder Frequenz, {cycles:g} bis {cycles2:g}; 0 behält alles, was die Fenster durchlassen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source> {words} is the lowest band that can be told.</source>
      <translation> {words} ist das tiefste Band, das sich sagen lässt.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source> {unknown} bands do not rise far enough above the noise.</source>
      <translation> {unknown} Bänder heben sich nicht genug vom Rauschen ab.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source> No distortion near 125 Hz stands above the noise.</source>
      <translation> Nahe 125 Hz hebt sich keine Verzerrung vom Rauschen ab.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source> Distortion near {distortion_hz:.0f} Hz by order: {each}.</source>
      <translation> Verzerrung nahe {distortion_hz:.0f} Hz nach Ordnung: {each}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>The sound arrives after {arrival_seconds:.1f} ms, {arrival_seconds2:.2f} m away.{heard}{lost}{bent}{spread}</source>
      <translation>Der Schall kommt nach {arrival_seconds:.1f} ms an, aus {arrival_seconds2:.2f} m.{heard}{lost}{bent}{spread}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source> Below {lowest:.0f} Hz the gate is shorter than one cycle and tells nothing.</source>
      <translation> Unter {lowest:.0f} Hz ist das Fenster kürzer als eine Periode und sagt nichts.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>No single resonance stands far enough above the rest.</source>
      <translation>Keine einzelne Resonanz hebt sich genug ab.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>What a take tells</source>
      <translation>Was eine Messung sagt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>Gates: before the arrival</source>
      <translation>Fenster: vor der Ankunft</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>after it</source>
      <translation>danach</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>{problem} It stays as it was.</source>
      <translation>{problem} Es blieb, wie es war.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>{frequency_hz:.1f} Hz{name} {seconds:.2f} s, told over {range_db:.0f} dB</source>
      <translation>{frequency_hz:.1f} Hz{name} {seconds:.2f} s, über {range_db:.0f} dB bestimmt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>1/{part} octave</source>
      <translation>1/{part} Oktave</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>1 octave</source>
      <translation>1 Oktave</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_card.py" />
      <source>{n} at {minus} dB</source>
      <translation>{n} bei {minus} dB</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_chip.py" />
      <source>not measured yet</source>
      <translation>noch nicht gemessen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_chip.py" />
      <source>imported</source>
      <translation>importiert</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_chip.py" />
      <location filename="../../vocabulary.py" />
      <source>doubtful</source>
      <translation>zweifelhaft</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_chip.py" />
      <location filename="../../project/take_edits.py" />
      <source>bad, left out</source>
      <translation>schlecht, ausgelassen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_chip.py" />
      <source>does it still hold?</source>
      <translation>gilt sie noch?</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_chip.py" />
      <source>moved since</source>
      <translation>seither bewegt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_chip.py" />
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <source>no take</source>
      <translation>keine Messung</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>✓ good</source>
      <translation>✓ gut</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>? doubtful</source>
      <translation>? zweifelhaft</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>✗ bad, left out</source>
      <translation>✗ schlecht, ausgelassen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>{source}, as set</source>
      <translation>{source}, wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>both, as set</source>
      <translation>beide, wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>At other points of the head: {where}.</source>
      <translation>An anderen Punkten des Kopfs: {where}.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>, no phase</source>
      <translation>, keine Phase</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>{file_name}: {size} points, {f:.0f} to {f2:.0f} Hz{phase}</source>
      <translation>{file_name}: {size} Punkte, {f:.0f} bis {f2:.0f} Hz{phase}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Use {take_id} anyway</source>
      <translation>{take_id} trotzdem verwenden</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>, {db:.0f} dB SPL</source>
      <translation>, {db:.0f} dB SPL</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>{marks}; {device}{loud}</source>
      <translation>{marks}; {device}{loud}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Rough in an arrangement first; takes belong to one.</source>
      <translation>Erst eine Aufstellung anlegen; Messungen gehören zu einer.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>By a moving microphone, 1/{parts} octave</source>
      <translation>Mit bewegtem Mikrofon, 1/{parts} Oktave</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Import another…</source>
      <translation>Andere importieren…</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>at the {seat}</source>
      <translation>am Hörplatz {seat}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Choose one to see what it is, or to measure or import it.</source>
      <translation>Eine anklicken, um zu sehen, was sie ist, oder um sie zu messen oder zu importieren.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Import…</source>
      <translation>Importieren …</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/take_grid.py" />
      <source>Use it anyway</source>
      <translation>Trotzdem verwenden</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>What is measured?</source>
      <translation>Was ist gemessen?</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>{count} take in hand, {here} of them here</source>
      <translation>{count} Messung vorhanden, davon {here} hier</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>{count} takes in hand, {here} of them here</source>
      <translation>{count} Messungen vorhanden, davon {here} hier</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>Remove them</source>
      <translation>Entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>Measure here, or import responses as text: you see how each was read first.</source>
      <translation>Hier messen, oder Frequenzgänge als Text importieren: erst ist zu sehen, wie jeder gelesen wurde.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>Import {name}</source>
      <translation>{name} importieren</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>{reads} imported.</source>
      <translation>{reads} importiert.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>Nothing imported.</source>
      <translation>Nichts importiert.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>No longer valid</source>
      <translation>Nicht mehr gültig</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>No takes yet</source>
      <translation>Noch keine Messungen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>: something has moved since. Undo the move, or measure again.</source>
      <translation>: seither hat sich etwas bewegt. Den Schritt zurücknehmen, oder noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>{name} imported as {source} at the {seat}. {notes}</source>
      <translation>{name} importiert als {source} am Hörplatz {seat}. {notes}</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>Import {reads} files</source>
      <translation>{reads} Dateien importieren</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>Remove stale takes</source>
      <translation>Veraltete Messungen entfernen</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>No response files there.</source>
      <translation>Dort sind keine Frequenzgänge.</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>{source} at the {seat} in “{arrangement}”</source>
      <translation>{source} am Hörplatz {seat} in „{arrangement}“</translation>
    </message>
    <message>
      <location filename="../../app/stations/takes/takes_page.py" />
      <source>{name} sounds like a recorded sweep: import it by itself.</source>
      <translation>{name} klingt wie ein aufgenommener Sweep: allein importieren.</translation>
    </message>
    <message>
      <location filename="../../app/steps_dialog.py" />
      <source>A step that is chosen is the last that counts. Going back is noted in the Ledger.</source>
      <translation>Ein gewählter Schritt ist der letzte, der gilt. Zurückgehen steht im Logbuch.</translation>
    </message>
    <message>
      <location filename="../../app/steps_dialog.py" />
      <source>Steps back and forth</source>
      <translation>Schritte vor und zurück</translation>
    </message>
    <message>
      <location filename="../../app/steps_dialog.py" />
      <source>Steps</source>
      <translation>Schritte</translation>
    </message>
    <message>
      <location filename="../../app/steps_dialog.py" />
      <source>Go there</source>
      <translation>Dorthin</translation>
    </message>
    <message>
      <location filename="../../app/steps_dialog.py" />
      <source>As opened</source>
      <translation>Wie geöffnet</translation>
    </message>
    <message>
      <location filename="../../app/widgets/entries.py" />
      <source>“{what}” is not a number; write one such as 80.</source>
      <translation>„{what}“ ist keine Zahl; eine wie 80 schreiben.</translation>
    </message>
    <message>
      <location filename="../../app/widgets/grade_ladder.py" />
      <source>no mark</source>
      <translation>keine Note</translation>
    </message>
    <message>
      <location filename="../../app/widgets/grade_ladder.py" />
      <source>, before {shown}</source>
      <translation>, vorher {shown}</translation>
    </message>
    <message>
      <location filename="../../app/widgets/meter.py" />
      <source>Input level</source>
      <translation>Eingangspegel</translation>
    </message>
    <message>
      <location filename="../../app/widgets/meter.py" />
      <source>{peak_db:.0f} dB below full scale</source>
      <translation>{peak_db:.0f} dB unter Vollaussteuerung</translation>
    </message>
    <message>
      <location filename="../../app/widgets/mix_choice.py" />
      <source>Other loudspeakers and mixes</source>
      <translation>Andere Lautsprecher und Mischungen</translation>
    </message>
    <message>
      <location filename="../../app/widgets/mix_choice.py" />
      <source>One loudspeaker alone, all subwoofers, or all there is.</source>
      <translation>Ein Lautsprecher allein, alle Subwoofer, oder alles, was es gibt.</translation>
    </message>
    <message>
      <location filename="../../app/widgets/mix_choice.py" />
      <source>more …</source>
      <translation>weitere …</translation>
    </message>
    <message>
      <location filename="../../app/widgets/notice.py" />
      <source>Understood</source>
      <translation>Verstanden</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>Depth of the null by reading</source>
      <translation>Tiefe der Auslöschung nach Ablesung</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>{depth:.1f} dB</source>
      <translation>{depth:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>{name}: {depth:.1f} dB</source>
      <translation>{name}: {depth:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>deepest {depths:.1f} dB</source>
      <translation>am tiefsten {depths:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>calculated {calculated:.1f} dB</source>
      <translation>berechnet {calculated:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>deepest heard</source>
      <translation>am tiefsten gehört</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>−{depth} dB</source>
      <translation>−{depth} dB</translation>
    </message>
    <message>
      <location filename="../../app/widgets/null_well.py" />
      <source>no null</source>
      <translation>keine Auslöschung</translation>
    </message>
    <message>
      <location filename="../../app/widgets/recording_strip.py" />
      <source>The recording so far</source>
      <translation>Die Aufnahme bisher</translation>
    </message>
    <message>
      <location filename="../../app/widgets/stones.py" />
      <source>Stations</source>
      <translation>Stationen</translation>
    </message>
    <message>
      <location filename="../../app/widgets/trial_beads.py" />
      <source>{marks} of {count} answered</source>
      <translation>{marks} von {count} beantwortet</translation>
    </message>
    <message>
      <location filename="../../app/widgets/trial_beads.py" />
      <source>Trials</source>
      <translation>Versuche</translation>
    </message>
    <message>
      <location filename="../../app/widgets/trial_beads.py" />
      <source>, {count} right</source>
      <translation>, {count} richtig</translation>
    </message>
    <message>
      <location filename="../../app/widgets/working_line.py" />
      <source>Working out {name}, about {left:.0f} s left</source>
      <translation>In Arbeit: {name}, noch etwa {left:.0f} s</translation>
    </message>
    <message>
      <location filename="../../app/widgets/working_line.py" />
      <source>Working out {name}, for {seconds:.0f} s</source>
      <translation>In Arbeit: {name}, seit {seconds:.0f} s</translation>
    </message>
    <message>
      <location filename="../../app/window.py" />
      <source> Drag anything, or N and arrow keys.</source>
      <translation> Alles lässt sich ziehen, oder N und Pfeiltasten.</translation>
    </message>
    <message>
      <location filename="../../app/window.py" />
      <source>{name} at the {seat}, {basis}: {value_db:.1f} dB.{hint}</source>
      <translation>{name} am Hörplatz {seat}, {basis}: {value_db:.1f} dB.{hint}</translation>
    </message>
    <message>
      <location filename="../../app/window.py" />
      <source>This is unsaved work that was taken up: save it under a name.</source>
      <translation>Das ist nicht gespeicherte Arbeit, die aufgenommen wurde: unter einem Namen speichern.</translation>
    </message>
    <message>
      <location filename="../../app/window.py" />
      <source>Nothing lined up</source>
      <translation>Nichts aufgestellt</translation>
    </message>
    <message>
      <location filename="../../app/window.py" />
      <source>{index} of {every}{picked}</source>
      <translation>{index} von {every}{picked}</translation>
    </message>
    <message>
      <location filename="../../app/window.py" />
      <source>A safety copy from {when} cannot be read. It is kept as {path}; perhaps somebody can mend it.</source>
      <translation>Eine Sicherheitskopie von {when} ist nicht lesbar. Sie bleibt als {path}; vielleicht kann jemand sie flicken.</translation>
    </message>
  </context>
  <context>
    <name>atomic</name>
    <message>
      <location filename="../../atomic.py" />
      <source>it is write-protected</source>
      <translation>sie ist schreibgeschützt</translation>
    </message>
  </context>
  <context>
    <name>audition</name>
    <message>
      <location filename="../../audition/blind.py" />
      <source>a guesser does as well {chance:.0f} times in 100</source>
      <translation>ein Ratender schafft das {chance:.0f}-mal von 100</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>{right} of {trials} right</source>
      <translation>{right} von {trials} richtig</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>{told}; {chance}: you could not tell them apart. Choose the easier to build.</source>
      <translation>{told}; {chance}: sie waren nicht zu unterscheiden. Die leichter zu bauende wählen.</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>a guesser does as well once in {chance:.0f}</source>
      <translation>ein Ratender schafft das einmal in {chance:.0f}</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>Blind, “{one}” against “{other}”: {words}</source>
      <translation>Blind, „{one}“ gegen „{other}“: {words}</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>Blind ranking, most liked first, with how often each was chosen: {order}. Pairs heard again were judged as before {right} of {trials} times; {chance_words}: </source>
      <translation>Blinde Rangfolge, beliebteste zuerst, mit der Zahl der Wahlen: {order}. Noch einmal gehörte Paare wurden {right} von {trials} Malen beurteilt wie zuvor; {chance_words}: </translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>Nothing tried yet.</source>
      <translation>Noch nichts versucht.</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>{told}; {chance}: you hear this difference.</source>
      <translation>{told}; {chance}: dieser Unterschied ist zu hören.</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>{told}; {chance}: go on, {least_trials} at least are needed.</source>
      <translation>{told}; {chance}: weitermachen, mindestens {least_trials} sind nötig.</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>the order may be chance. Choose the easier to build.</source>
      <translation>die Reihenfolge kann Zufall sein. Die am leichtesten zu bauende wählen.</translation>
    </message>
    <message>
      <location filename="../../audition/blind.py" />
      <source>you hear these differences.</source>
      <translation>diese Unterschiede sind zu hören.</translation>
    </message>
    <message>
      <location filename="../../audition/difference.py" />
      <source>Played where you sit now, only what changes in level from {{low:.0f}} to {{high:.0f}} Hz is added to what you hear anyway: no more than {most_up_db:.0f} dB up, hollows that the room makes now are filled only where you sit, and what rings stays.</source>
      <translation>Am jetzigen Platz gespielt, kommt nur, was sich von {{low:.0f}} bis {{high:.0f}} Hz im Pegel ändert, zu dem hinzu, was ohnehin zu hören ist: höchstens {most_up_db:.0f} dB hinauf, Senken, die der Raum jetzt macht, werden nur am jetzigen Platz gefüllt, und was nachklingt, bleibt.</translation>
    </message>
    <message>
      <location filename="../../audition/telling.py" />
      <source>with this piece less than {heard_db:.0f} dB in every third of an octave</source>
      <translation>bei diesem Stück in jeder Terz weniger als {heard_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../audition/telling.py" />
      <source>Listen to “{one}”: {join}.</source>
      <translation>Auf „{one}“ hören: {join}.</translation>
    </message>
    <message>
      <location filename="../../audition/telling.py" />
      <source>{usual} Hz{note}</source>
      <translation>{usual} Hz{note}</translation>
    </message>
    <message>
      <location filename="../../audition/telling.py" />
      <source>at {where} it is {db:.0f} dB {how}</source>
      <translation>bei {where} ist es {db:.0f} dB {how}</translation>
    </message>
    <message>
      <location filename="../../audition/telling.py" />
      <source>“{one}”: {no_difference}; another piece may tell more.</source>
      <translation>„{one}“: {no_difference}; ein anderes Stück sagt vielleicht mehr.</translation>
    </message>
    <message>
      <location filename="../../audition/telling.py" />
      <source>{where} {db:+.0f} dB</source>
      <translation>{where} {db:+.0f} dB</translation>
    </message>
  </context>
  <context>
    <name>by_ear</name>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>(?:not|never|no longer|less|nothing)\s+(?:too\s+|so\s+|very\s+)?$</source>
      <translation>(?:nicht|nie|nicht mehr|weniger|kein|keine|nichts)\s+(?:zu\s+|so\s+|sehr\s+)?$</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>{good} of {qualities} qualities have come together and none is poor: stop here. Mark the floor, write it down, and live with it for some days before another move.</source>
      <translation>{good} von {qualities} Eigenschaften sind beieinander, und keine ist schlecht: hier aufhören. Den Boden markieren, alles aufschreiben und einige Tage damit leben, ehe man wieder rückt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>heavy and unclear</source>
      <translation>schwer und unklar</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>the wall behind still lifts the bass</source>
      <translation>die Wand dahinter hebt noch den Bass</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>clear and quick, not enough deep bass</source>
      <translation>klar und schnell, zu wenig Tiefbass</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>the wall behind helps the lowest notes</source>
      <translation>die Wand dahinter hilft den tiefsten Tönen</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>narrow stage, dense centre</source>
      <translation>enge Bühne, dichte Mitte</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>they stand too near the wall</source>
      <translation>sie stehen zu nah an der Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>very wide, phasey at the sides, loose centre</source>
      <translation>sehr breit, an den Seiten phasig, lose Mitte</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>they stand too far out</source>
      <translation>sie stehen zu weit draußen</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>neither a centre nor space</source>
      <translation>weder Mitte noch Raum</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>that is the triangle, not the room's curve: run the centring test and measure both sides again</source>
      <translation>das ist das Dreieck, nicht die Kurve des Raums: den Zentriertest machen und beide Seiten noch einmal messen</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>So small a step it cannot tell apart.</source>
      <translation>Einen so kleinen Schritt kann sie nicht unterscheiden.</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>Ear and forecast agree.</source>
      <translation>Ohr und Vorhersage stimmen überein.</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>It does not expect what you hope for: believe your ear, but grade again after it.</source>
      <translation>Sie erwartet nicht, was Sie hoffen: dem Ohr glauben, aber danach noch einmal benoten.</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>heavy|boom|unclear|mudd|thick|bloat|slow</source>
      <translation>schwer|dröhn|unklar|matschig|dick|aufgebläht|langsam</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>thin|lean|no bass|too little bass|not enough bass|not enough deep bass</source>
      <translation>dünn|mager|kein Bass|zu wenig Bass|nicht genug Bass|nicht genug Tiefbass</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>narrow|dense|crowded|cramped</source>
      <translation>eng|dicht|gedrängt|schmal</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>phasey|phasy|loose|diffuse|very wide|too wide</source>
      <translation>phasig|lose|diffus|sehr breit|zu breit</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>no depth|no stage|vague|wanders</source>
      <translation>keine Tiefe|keine Bühne|vage|wandert</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>These contradict each other: “{says}” asks to go {way}, “{says2}” to go {way2}. Take the smallest step against the one you mind more, and grade again.</source>
      <translation>Diese widersprechen sich: „{says}“ verlangt {way}, „{says2}“ verlangt {way2}. Den kleinsten Schritt gegen das nehmen, was mehr stört, und noch einmal benoten.</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>as even as before, {after_db:.1f} dB</source>
      <translation>so eben wie zuvor, {after_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>{way}, {before_db:.1f} → {after_db:.1f} dB</source>
      <translation>{way}, {before_db:.1f} → {after_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>{what} {db:.1f} dB {db2}</source>
      <translation>{what} {db:.1f} dB {db2}</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>away from the wall</source>
      <translation>weg von der Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>back to the wall</source>
      <translation>zurück zur Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <location filename="../../vocabulary.py" />
      <source>more even</source>
      <translation>ebener</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <location filename="../../vocabulary.py" />
      <source>less even</source>
      <translation>unebener</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <location filename="../../vocabulary.py" />
      <source>deep bass</source>
      <translation>Tiefbass</translation>
    </message>
    <message>
      <location filename="../../by_ear/clues.py" />
      <source>upper bass</source>
      <translation>Oberbass</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>{across} from the left, {along} from the front</source>
      <translation>{across} von links, {along} von vorn</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>The forecast has {share:.0f} % of the room as calm or calmer: walk some of those places too before you settle.</source>
      <translation>Die Vorhersage hat {share:.0f} % des Raums als ebenso ruhig oder ruhiger: auch einige dieser Orte abgehen, ehe man sich festlegt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>Ear and forecast disagree: in the zone {here:.1f} dB from even at best, but {best:.1f} dB {calm:.0f} cm out. The voice hears the mid-bass, the forecast all of the bass: try both, and measure.</source>
      <translation>Ohr und Vorhersage sind uneins: in der Zone bestenfalls {here:.1f} dB uneben, aber {best:.1f} dB {calm:.0f} cm davor. Die Stimme hört die mittleren Bässe, die Vorhersage den ganzen Bass: beides versuchen und messen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>Mark at least one place where it sounds even, crisp and clear.</source>
      <translation>Mindestens einen Ort markieren, wo es gleichmäßig, knackig und klar klingt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>Where you hear it even, the forecast has {best_db:.1f} dB from even</source>
      <translation>Wo Sie es eben hören, hat die Vorhersage {best_db:.1f} dB uneben</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>at its calmest, {where}, {calm_db:.1f} dB</source>
      <translation>am ruhigsten, {where}, {calm_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>Ear and forecast agree: it hardly gets calmer than there.</source>
      <translation>Ohr und Vorhersage stimmen überein: ruhiger wird es kaum.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>They disagree: the forecast has a place calmer that you did not find even. Listen there once more, and measure both.</source>
      <translation>Sie sind uneins: die Vorhersage hat einen ruhigeren Ort, den Sie nicht eben fanden. Dort noch einmal hören, und beide messen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>Ear and forecast agree: that is among the calmest quarter of the room.</source>
      <translation>Ohr und Vorhersage stimmen überein: das gehört zum ruhigsten Viertel des Raums.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>{note_name}, {hertz:.0f} Hz, {heard}</source>
      <translation>{note_name}, {hertz:.0f} Hz, {heard}</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>The forecast cannot say: nothing can stand there.</source>
      <translation>Die Vorhersage kann nichts sagen: dort kann nichts stehen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>Ear and forecast agree: in the zone {here:.1f} dB from even, nowhere less than {best:.1f}.</source>
      <translation>Ohr und Vorhersage stimmen überein: in der Zone {here:.1f} dB uneben, nirgends weniger als {best:.1f}.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source> The forecast would look for it at {where} ({calm_db:.1f} dB from even).</source>
      <translation> Die Vorhersage suchte es bei {where} ({calm_db:.1f} dB uneben).</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>{name}: nothing is known there.</source>
      <translation>{name}: dort ist nichts bekannt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>{name}: {what} {level:.0f} dB {level2} there.</source>
      <translation>{name}: {what} dort {level:.0f} dB {level2}.</translation>
    </message>
    <message>
      <location filename="../../by_ear/compared.py" />
      <source>{name}: the {what} curve has nothing of it ({level:+.0f} dB). Something may rattle or hum along, or the room differs from its survey: take a sweep.</source>
      <translation>{name}: die Kurve ({what}) hat nichts davon ({level:+.0f} dB). Vielleicht klappert oder brummt etwas mit, oder der Raum ist anders als sein Aufmaß: einen Sweep messen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>{right:.0f} cm {right2} of the seat's middle</source>
      <translation>{right:.0f} cm {right2} der Mitte des Hörplatzes</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>by the tape the {side} is {longer:.0f} cm farther</source>
      <translation>nach dem Maßband ist die Seite {side} {longer:.0f} cm weiter</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>both meet {where}, so the {nearer} arrives late; {by_tape}. Bring the {nearer} monitor nearer, or move the seat to where they meet</source>
      <translation>beide treffen sich {where}, also kommt {nearer} später; {by_tape}. Den Monitor {nearer} näher bringen, oder den Hörplatz dorthin, wo sie sich treffen</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>{wrong}: that is the triangle, not the room's curve. Measure both sides with one tape, check the aim, run Centring; no equaliser mends it, and no treatment.{took}</source>
      <translation>{wrong}: das ist das Dreieck, nicht die Kurve des Raums. Beide Seiten mit einem Maßband messen, das Eindrehen prüfen, „Zentrieren“ machen; kein Equalizer und keine Behandlung hilft dagegen.{took}</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The seat: which side to face</source>
      <translation>Der Hörplatz: wohin schauen</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Stand in the middle of the room and turn. Face the way that leaves most room behind you, an opening rather than a pane behind, and the same on your left as on your right.</source>
      <translation>In die Mitte des Raums stellen und sich drehen. Dorthin schauen, wo hinter einem am meisten Raum bleibt, lieber eine Öffnung als eine Scheibe dahinter, und links dasselbe wie rechts.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Clap once facing each way: which sounds shorter and duller behind you?</source>
      <translation>In jede Richtung einmal klatschen: wo klingt es hinter einem kürzer und dumpfer?</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The seat: how far back</source>
      <translation>Der Hörplatz: wie weit hinten</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Let a bass line play and take the chair from a third of the length back towards the middle by hand's breadths; never to half, never to the wall.</source>
      <translation>Eine Basslinie spielen lassen und mit dem Stuhl vom Drittel der Länge handbreit um handbreit zur Mitte rücken; nie auf die Hälfte, nie an die Wand.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Where is every note as loud as the next? Sit there.</source>
      <translation>Wo ist jeder Ton so laut wie der nächste? Dort sitzen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The triangle: width</source>
      <translation>Das Dreieck: Breite</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Play the piece. Begin with the monitors as far from each other as from you.</source>
      <translation>Das Stück spielen. Beginnen mit den Monitoren so weit voneinander wie von Ihnen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Too wide, and the middle falls apart; too narrow, and everything crowds there. The tune should walk from left to right without a jump.</source>
      <translation>Zu weit, und die Mitte zerfällt; zu eng, und alles drängt sich dort. Die Melodie soll ohne Sprung von links nach rechts gehen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The triangle: distance to the wall</source>
      <translation>Das Dreieck: Abstand zur Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Take both away from the wall and back, 2.5 cm at a time.</source>
      <translation>Beide von der Wand weg und zurück rücken, je 2,5 cm.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Too near: heavy and unclear, a narrow stage. Too far: thin, a loose middle.</source>
      <translation>Zu nah: schwer und unklar, eine enge Bühne. Zu weit: dünn, eine lose Mitte.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The triangle: aim</source>
      <translation>Das Dreieck: Eindrehen</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Aim them at your ears, then a little wider, then a little closer.</source>
      <translation>Auf die Ohren richten, dann etwas weiter, dann etwas enger.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Closer: the middle tightens, the stage shrinks. Wider: it opens, until the middle goes.</source>
      <translation>Enger: die Mitte strafft sich, die Bühne schrumpft. Weiter: sie öffnet sich, bis die Mitte geht.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Judge: the stage</source>
      <translation>Urteilen: die Bühne</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Play the piece once more with your eyes closed.</source>
      <translation>Das Stück noch einmal mit geschlossenen Augen spielen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Does what is panned end up where it was put, from the outer edge of one to the other?</source>
      <translation>Landet, was verteilt ist, wo es hingesetzt wurde, vom äußeren Rand des einen bis zu dem des anderen?</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Judge: the middle</source>
      <translation>Urteilen: die Mitte</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Keep your head still.</source>
      <translation>Den Kopf still halten.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Is what is in the middle one point, as high as your eyes?</source>
      <translation>Ist, was in der Mitte ist, ein Punkt, so hoch wie die Augen?</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Judge: depth</source>
      <translation>Urteilen: Tiefe</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Play the piece, or your own reference.</source>
      <translation>Das Stück spielen, oder die eigene Referenz.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Does something stand behind something else?</source>
      <translation>Steht etwas hinter etwas anderem?</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Mono against one side</source>
      <translation>Mono gegen eine Seite</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The same noise plays on both. Then on one alone.</source>
      <translation>Dasselbe Rauschen spielt auf beiden. Dann auf einer allein.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Both together should sound as narrow and hardly more coloured than one alone.</source>
      <translation>Beide zusammen sollen so schmal klingen und kaum verfärbter als eine allein.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The comb</source>
      <translation>Der Kamm</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Move your head slowly from side to side.</source>
      <translation>Den Kopf langsam von einer Seite zur anderen bewegen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>A comb slides through the noise and tightens towards the middle. Stop where it is tightest: that is where both arrive at once. How far is it from the middle of the seat?</source>
      <translation>Ein Kamm gleitet durch das Rauschen und wird zur Mitte hin enger. Anhalten, wo er am engsten ist: dort kommen beide zugleich an. Wie weit ist das von der Mitte des Hörplatzes?</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Polarity</source>
      <translation>Polarität</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Now the right side is reversed on purpose. Know that sound; then compare.</source>
      <translation>Nun ist die rechte Seite absichtlich umgekehrt. Diesen Klang kennenlernen; dann vergleichen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>It should be unbearable: no middle, hardly any bass. If the reversed one sounds right, a cable is reversed already.</source>
      <translation>Es sollte unerträglich sein: keine Mitte, kaum Bass. Klingt das Umgekehrte richtig, ist schon ein Kabel verdreht.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Level, left and right</source>
      <translation>Pegel, links und rechts</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>The band of noise plays on both.</source>
      <translation>Das Rauschband spielt auf beiden.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Does it stand in the middle, or lean to one side?</source>
      <translation>Steht es in der Mitte, oder lehnt es zu einer Seite?</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Placing in two steps, without a microphone</source>
      <translation>Aufstellen in zwei Schritten, ohne Mikrofon</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Centred: middle, polarity and level are as they should be.</source>
      <translation>Zentriert: Mitte, Polarität und Pegel sind, wie sie sein sollen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>by the tape both ways are alike</source>
      <translation>nach dem Maßband sind beide Wege gleich</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>both meet in the middle; {by_tape}</source>
      <translation>beide treffen sich in der Mitte; {by_tape}</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source> It took {minutes:.0f} minutes.</source>
      <translation> Es dauerte {minutes:.0f} Minuten.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source> Turn the room at Survey, and place once more.</source>
      <translation> Den Raum beim Aufmaß drehen und noch einmal aufstellen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>Stage, middle and depth are there: stay.{took}</source>
      <translation>Bühne, Mitte und Tiefe sind da: so bleiben.{took}</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>one side is reversed: change over the two wires of one monitor, and test again</source>
      <translation>eine Seite ist umgekehrt: die beiden Adern eines Monitors tauschen und noch einmal prüfen</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>the {lean} is louder or nearer: measure both ways with the tape first, then turn the {lean} down by half a decibel at a time</source>
      <translation>{lean} ist lauter oder näher: erst beide Wege mit dem Maßband messen, dann {lean} halbdezibelweise leiser drehen</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>mono is not as narrow as one side: unlike walls or distances, or one is aimed off</source>
      <translation>Mono ist nicht so schmal wie eine Seite: ungleiche Wände oder Abstände, oder eine ist falsch gerichtet</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>panning that ends up where it was not put</source>
      <translation>Verteiltes, das landet, wo es nicht hingesetzt wurde</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>a middle that is no point</source>
      <translation>eine Mitte, die kein Punkt ist</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>missing depth</source>
      <translation>fehlende Tiefe</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>this way</source>
      <translation>in diese Richtung</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>in places</source>
      <translation>stellenweise</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>a little</source>
      <translation>ein wenig</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>all in one plane</source>
      <translation>alles in einer Ebene</translation>
    </message>
    <message>
      <location filename="../../by_ear/led_tests.py" />
      <source>the sides may not play as two: check that left and right are not summed to one</source>
      <translation>die Seiten spielen vielleicht nicht getrennt: prüfen, dass links und rechts nicht summiert sind</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does gear or a screen stand between the monitors, above the line of their drivers?</source>
      <translation>Stehen Geräte oder ein Bildschirm zwischen den Monitoren, höher als die Linie ihrer Lautsprecher?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>It throws sound back at once and blurs the middle.</source>
      <translation>Das wirft Schall sofort zurück und verwischt die Mitte.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Bring it below that line, about 30 cm high at most, or behind it.</source>
      <translation>Unter diese Linie bringen, höchstens etwa 30 cm hoch, oder dahinter.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Is anything between a monitor and the ear: a lamp, a screen's edge, a plant?</source>
      <translation>Ist etwas zwischen einem Monitor und dem Ohr: eine Lampe, ein Bildschirmrand, eine Pflanze?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>It shades the treble of one side.</source>
      <translation>Es beschattet die Höhen einer Seite.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Clear the line from each tweeter to the ear.</source>
      <translation>Die Linie von jedem Hochtöner zum Ohr freimachen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Do lamps or ornaments stand close beside a monitor?</source>
      <translation>Stehen Lampen oder Zierrat dicht neben einem Monitor?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>They mirror and rattle.</source>
      <translation>Sie spiegeln und klappern.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Take them an arm's length away.</source>
      <translation>Eine Armlänge wegstellen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Is there glass beside a monitor: a pane, a picture, a glass cabinet?</source>
      <translation>Ist Glas neben einem Monitor: eine Scheibe, ein Bild, eine Vitrine?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Glass mirrors treble and lets the bass through; a cabinet of it also resonates.</source>
      <translation>Glas spiegelt Höhen und lässt den Bass durch; eine Vitrine daraus klingt auch mit.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Move it, cover it while you listen, or turn the room so that it lies behind you.</source>
      <translation>Verschieben, beim Hören abdecken, oder den Raum so drehen, dass es hinter einem liegt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does a cupboard, a shelf or a radiator sound when you knock at it or sweep past?</source>
      <translation>Klingt ein Schrank, ein Regal oder ein Heizkörper, wenn man daran klopft oder einen Sweep spielt?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>It stores sound and gives it back late.</source>
      <translation>Es speichert Schall und gibt ihn spät zurück.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Fill it, brace it, or take it out of the room.</source>
      <translation>Füllen, aussteifen, oder aus dem Raum nehmen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Is a record player beside or between the monitors?</source>
      <translation>Steht ein Plattenspieler neben oder zwischen den Monitoren?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>It hears them and plays them again.</source>
      <translation>Er hört sie und spielt sie noch einmal.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Put it to one side, on a wall shelf or a heavy stand. A shelf is fixed by whoever may.</source>
      <translation>Zur Seite stellen, auf ein Wandregal oder einen schweren Ständer. Ein Regal befestigt, wer das darf.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Is one side open and the other a wall, or a door on one and a pane on the other?</source>
      <translation>Ist eine Seite offen und die andere eine Wand, oder eine Tür auf der einen und eine Scheibe auf der anderen?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Reflections then differ between the ears in time and tone.</source>
      <translation>Reflexionen unterscheiden sich dann zwischen den Ohren in Zeit und Klang.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Turn the room so that the opening lies behind you, if it lets you.</source>
      <translation>Den Raum so drehen, dass die Öffnung hinter einem liegt, wenn er das zulässt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Has one side something large that the other lacks: a sofa, a curtain, a bookcase?</source>
      <translation>Hat eine Seite etwas Großes, das der anderen fehlt: ein Sofa, einen Vorhang, ein Bücherregal?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Left and right no longer match, and the image leans.</source>
      <translation>Links und rechts passen nicht mehr zusammen, und das Bild lehnt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>If something must be wrong, let it be equally wrong on both sides.</source>
      <translation>Muss etwas falsch sein, dann auf beiden Seiten gleich falsch.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does a monitor stand straight on a desk, a shelf or the floor?</source>
      <translation>Steht ein Monitor direkt auf einem Tisch, einem Regal oder dem Boden?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>What it stands on plays along: feel it with a hand while a bass line runs.</source>
      <translation>Worauf er steht, spielt mit: mit der Hand fühlen, während eine Basslinie läuft.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Put it on a stand, or on something soft made to carry its weight.</source>
      <translation>Auf einen Ständer stellen, oder auf etwas Weiches, das sein Gewicht tragen soll.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Is a bare desk top between you and the monitors?</source>
      <translation>Ist eine leere Tischplatte zwischen Ihnen und den Monitoren?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>The desk's bounce hollows out the low mids.</source>
      <translation>Die Reflexion am Tisch höhlt die unteren Mitten aus.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Raise the monitors, take the desk forward, or make it smaller.</source>
      <translation>Die Monitore heben, den Tisch vorziehen, oder ihn kleiner machen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does a monitor stand in a corner?</source>
      <translation>Steht ein Monitor in einer Ecke?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Two walls lift its bass, and more on that side than on the other.</source>
      <translation>Zwei Wände heben seinen Bass, und auf dieser Seite mehr als auf der anderen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Bring it out, and the other one alike.</source>
      <translation>Herausrücken, und den anderen ebenso.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does a monitor rock, or its stand, when you push it gently?</source>
      <translation>Wackelt ein Monitor oder sein Ständer, wenn man sanft drückt?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Then it moves instead of the air, and may fall.</source>
      <translation>Dann bewegt er sich statt der Luft, und kann fallen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Level it and strap it; never where a child can tip it.</source>
      <translation>Ausrichten und festzurren; nie dort, wo ein Kind ihn kippen kann.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Do the monitors differ in height, aim or distance to their walls?</source>
      <translation>Unterscheiden sich die Monitore in Höhe, Richtung oder Wandabstand?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>The middle is only as good as they are alike.</source>
      <translation>Die Mitte ist nur so gut, wie sie gleich sind.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Measure the same corner of both with one tape.</source>
      <translation>Dieselbe Ecke beider mit einem Maßband messen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Is a window or a pane close behind the seat?</source>
      <translation>Ist ein Fenster oder eine Scheibe dicht hinter dem Hörplatz?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>It mirrors treble into the back of the head.</source>
      <translation>Sie spiegelt Höhen in den Hinterkopf.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Bring the seat forward, or draw a heavy curtain while you listen.</source>
      <translation>Den Hörplatz vorrücken, oder beim Hören einen schweren Vorhang zuziehen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does the head nearly touch the wall behind?</source>
      <translation>Berührt der Kopf fast die Wand dahinter?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>There every mode is loud.</source>
      <translation>Dort ist jede Mode laut.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Bring the seat forward by half a metre or more.</source>
      <translation>Den Hörplatz um einen halben Meter oder mehr vorrücken.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does the chair's back rise above the ears?</source>
      <translation>Ragt die Rückenlehne über die Ohren?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>It mirrors right beside them.</source>
      <translation>Sie spiegelt gleich neben ihnen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Take a lower one, or lay a thick cloth over it.</source>
      <translation>Einen niedrigeren Stuhl nehmen, oder ein dickes Tuch darüberlegen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Is anything overhead on one side only: a lamp, a beam, a shelf, a loudspeaker?</source>
      <translation>Ist oben nur auf einer Seite etwas: eine Lampe, ein Balken, ein Regal, ein Lautsprecher?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Above counts as much as beside.</source>
      <translation>Oben zählt so viel wie daneben.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Match it or take it away; what hangs is fixed by whoever may.</source>
      <translation>Angleichen oder wegnehmen; was hängt, befestigt, wer das darf.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Does anything buzz or rattle while a slow sweep runs?</source>
      <translation>Summt oder klappert etwas, während ein langsamer Sweep läuft?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>It passes for distortion, and it masks what you try to judge.</source>
      <translation>Es wirkt wie Verzerrung und verdeckt, was man beurteilen will.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Find it with a hand while a note holds, and wedge it.</source>
      <translation>Mit der Hand suchen, während ein Ton steht, und festklemmen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Do cables hang loose or cross a way through the room?</source>
      <translation>Hängen Kabel lose oder kreuzen einen Weg durch den Raum?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>They hum, and somebody falls.</source>
      <translation>Sie brummen, und jemand fällt.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Tape them down; keep mains away from signal. Mains wiring is for a licensed trade.</source>
      <translation>Festkleben; Netz vom Signal fernhalten. Netzleitungen sind Sache einer Fachkraft.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Are the door and one window free to be used at once?</source>
      <translation>Sind Tür und ein Fenster sofort benutzbar?</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>A way out comes before any sound.</source>
      <translation>Ein Ausgang kommt vor jedem Klang.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Move whatever stands in it.</source>
      <translation>Wegräumen, was darin steht.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>{answered} of {questions} answered. </source>
      <translation>{answered} von {questions} beantwortet. </translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Faults: {left} at the left, {right} at the right, {both} in common.</source>
      <translation>Mängel: {left} links, {right} rechts, {both} gemeinsam.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Not looked at yet: twenty plain questions, five minutes.</source>
      <translation>Noch nicht angesehen: zwanzig einfache Fragen, fünf Minuten.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source> The {worse} is worse off: mend that side first, or both alike.</source>
      <translation> Schlechter steht {worse}: erst diese Seite bessern, oder beide gleich.</translation>
    </message>
    <message>
      <location filename="../../by_ear/review.py" />
      <source>Nothing to be seen that would spoil it.</source>
      <translation>Nichts zu sehen, was es verdürbe.</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>{what} would stand {where}.</source>
      <translation>{what} stünde {where}.</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>No further that way: {new}{new2}</source>
      <translation>So weit geht es nicht weiter: {new}{new2}</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>There is no subwoofer to move.</source>
      <translation>Es gibt keinen Subwoofer zu bewegen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>monitors, base above the floor</source>
      <translation>Monitore, Boden des Gehäuses über dem Fußboden</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>ear at {seat}, from the front wall</source>
      <translation>Ohr am Hörplatz {seat}, von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>ear at {seat}, above the floor</source>
      <translation>Ohr am Hörplatz {seat}, über dem Boden</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>from the side wall</source>
      <translation>von der Seitenwand</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>{name}, its near side from the front wall</source>
      <translation>{name}, seine nahe Seite von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>{name}, its near side from the {wall} wall</source>
      <translation>{name}, seine nahe Seite von der Wand {wall}</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Away from the wall</source>
      <translation>Weg von der Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Back to the wall</source>
      <translation>Zurück zur Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Wider</source>
      <translation>Weiter</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Narrower</source>
      <translation>Enger</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Higher</source>
      <translation>Höher</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Lower</source>
      <translation>Tiefer</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Aim wider</source>
      <translation>Weiter richten</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Aim closer</source>
      <translation>Enger richten</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Seat back</source>
      <translation>Hörplatz zurück</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Seat forward</source>
      <translation>Hörplatz vor</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Ear higher</source>
      <translation>Ohr höher</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Ear lower</source>
      <translation>Ohr tiefer</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Sub away from the front wall</source>
      <translation>Sub weg von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Sub towards the front wall</source>
      <translation>Sub zur vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Sub to the left</source>
      <translation>Sub nach links</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>Sub to the right</source>
      <translation>Sub nach rechts</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>They are turned as far as makes sense: aim them back towards the ear.</source>
      <translation>Sie sind so weit gedreht, wie es Sinn hat: zum Ohr zurückrichten.</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>The {side} monitor's back would be in the wall.</source>
      <translation>Der Rücken des Monitors {side} wäre in der Wand.</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>The {side} monitor would not fit between floor and ceiling.</source>
      <translation>Der Monitor {side} passte nicht zwischen Boden und Decke.</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>outer edge of the face ahead of the inner, both</source>
      <translation>äußere Kante der Front vor der inneren, beide</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>{side} {corner} corner, {wall}</source>
      <translation>{side} Ecke {corner}, {wall}</translation>
    </message>
    <message>
      <location filename="../../by_ear/steps.py" />
      <source>{corner} corner, {wall}, both</source>
      <translation>Ecke {corner}, {wall}, beide</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>only {width:.0f} cm wide: steps of a centimetre matter here. Walk it once more, slowly; if it stays so narrow, try the other wall</source>
      <translation>nur {width:.0f} cm breit: hier zählt jeder Zentimeter. Noch einmal langsam gehen; bleibt es so schmal, die andere Wand versuchen</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>The lift usually ends {low:.0f} to {high:.0f} cm out; here {way}.</source>
      <translation>Die Anhebung endet meist {low:.0f} bis {high:.0f} cm davor; hier {way}.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>The lift ends</source>
      <translation>Die Anhebung endet</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Stand with your back to the wall and speak in your everyday voice, low and steady. Step away by hand's breadths.</source>
      <translation>Mit dem Rücken zur Wand stehen und in der Alltagsstimme sprechen, tief und gleichmäßig. Handbreit um handbreit weggehen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Near the wall your voice has added bass, as if you spoke into a barrel. Stop where that falls away, often 18 to 25 cm out.</source>
      <translation>Nahe der Wand hat die Stimme zusätzlichen Bass, als spräche man in ein Fass. Anhalten, wo das abfällt, oft bei 18 bis 25 cm.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Just a voice</source>
      <translation>Bloß noch Stimme</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Go on, slowly, still speaking.</source>
      <translation>Weitergehen, langsam, noch sprechend.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Now it sounds too large, larger than you are. Stop where it becomes just a voice, as it is outdoors: here the calm zone begins.</source>
      <translation>Nun klingt sie zu groß, größer als man ist. Anhalten, wo sie bloß noch Stimme wird, wie im Freien: hier beginnt die Ruhezone.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>It changes again</source>
      <translation>Sie ändert sich wieder</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Go on by centimetres.</source>
      <translation>Zentimeterweise weitergehen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Stop where the voice changes again, thinner or boxy: here the calm zone ends, often 15 to 30 cm after it began.</source>
      <translation>Anhalten, wo die Stimme sich wieder ändert, dünner oder kistig: hier endet die Ruhezone, oft 15 bis 30 cm, nachdem sie begann.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>{width:.0f} cm wide: a good room, few have more than 45 cm</source>
      <translation>{width:.0f} cm breit: ein guter Raum, wenige haben mehr als 45 cm</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>{width:.0f} cm wide: wider than most</source>
      <translation>{width:.0f} cm breit: breiter als die meisten</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>{width:.0f} cm wide, as is usual</source>
      <translation>{width:.0f} cm breit, wie üblich</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>Walking away, {first} before {second}: {far:.0f} cm is not beyond {near:.0f} cm. Walk it once more.</source>
      <translation>Von der Wand weg {first} vor {second}: {far:.0f} cm ist nicht weiter als {near:.0f} cm. Noch einmal gehen.</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <location filename="../../project/ear_edits.py" />
      <source>the lift ends</source>
      <translation>die Anhebung endet</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>it becomes just a voice</source>
      <translation>es wird bloß noch Stimme</translation>
    </message>
    <message>
      <location filename="../../by_ear/voice_walk.py" />
      <source>it changes again</source>
      <translation>es ändert sich wieder</translation>
    </message>
  </context>
  <context>
    <name>cli</name>
    <message>
      <location filename="../../cli/desktop_command.py" />
      <source>In the menu from now on; .parlor files open by a double-click.</source>
      <translation>Ab jetzt im Menü; .parlor-Dateien öffnen sich mit einem Doppelklick.</translation>
    </message>
    <message>
      <location filename="../../cli/desktop_command.py" />
      <source>Taken out of the desktop.</source>
      <translation>Aus dem Desktop genommen.</translation>
    </message>
    <message>
      <location filename="../../cli/desktop_command.py" />
      <source>It was not in the desktop.</source>
      <translation>Es war nicht im Desktop.</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <source>{out}: {name}, {arrangements} arrangements.</source>
      <translation>{out}: {name}, {arrangements} Aufstellungen.</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <location filename="../../project/edits.py" />
      <source>“{name}” added. {rule}</source>
      <translation>„{name}“ hinzugefügt. {rule}</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <source>{name}: {size} points, {f:.0f} to {f2:.0f} Hz.</source>
      <translation>{name}: {size} Punkte, {f:.0f} bis {f2:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <location filename="../../project/judging_edits.py" />
      <source>Judged {words_of}.</source>
      <translation>Beurteilt {words_of}.</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <source>{made} files written to {folder}.</source>
      <translation>{made} Dateien nach {folder} geschrieben.</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <source>{out} is a document already, so it was not replaced: name another.</source>
      <translation>{out} ist schon ein Dokument und wurde nicht ersetzt: einen anderen Namen angeben.</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <source>“{name}” is nothing that a column can be; there is {known}.</source>
      <translation>„{name}“ kann keine Spalte sein; es gibt {known}.</translation>
    </message>
    <message>
      <location filename="../../cli/document_commands.py" />
      <source>“{what}” is no frequency; write one such as 700.</source>
      <translation>„{what}“ ist keine Frequenz; eine wie 700 schreiben.</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <source>“{name}”, {scope}, {basis}.</source>
      <translation>„{name}“, {scope}, {basis}.</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <source>{share:.0f} % of the whole. {strength_why}</source>
      <translation>{share:.0f} % vom Ganzen. {strength_why}</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <source>{name}: an impulse response is written as .wav.</source>
      <translation>{name}: eine Impulsantwort wird als .wav geschrieben.</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <source>Trims first: {before_db:.1f} → {after_db:.1f} dB.</source>
      <translation>Erst Anpassungen: {before_db:.1f} → {after_db:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <location filename="../../cli/settings_commands.py" />
      <source>Set in {file}.</source>
      <translation>In {file} gesetzt.</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <source>  set {section_words} (whole; buys {buys:.1f} dB)</source>
      <translation>  setzen: {section_words} (ganz; bringt {buys:.1f} dB)</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <source>  Nothing worth a section.</source>
      <translation>  Nichts, was einen Filter lohnt.</translation>
    </message>
    <message>
      <location filename="../../cli/equalise_command.py" />
      <source>  {point}: {before:.1f} → {after:.1f} dB from even</source>
      <translation>  {point}: {before:.1f} → {after:.1f} dB uneben</translation>
    </message>
    <message>
      <location filename="../../cli/fit_commands.py" />
      <source>Where to write the same as JSON.</source>
      <translation>Wohin dasselbe als JSON zu schreiben ist.</translation>
    </message>
    <message>
      <location filename="../../cli/fit_commands.py" />
      <source>{name}: {before_db:.1f} dB before, {after_db:.1f} dB after.</source>
      <translation>{name}: {before_db:.1f} dB vorher, {after_db:.1f} dB nachher.</translation>
    </message>
    <message>
      <location filename="../../cli/fit_commands.py" />
      <source>These takes do not show: {hidden}.</source>
      <translation>Diese Messungen zeigen nicht: {hidden}.</translation>
    </message>
    <message>
      <location filename="../../cli/fit_commands.py" />
      <source>Nothing solid seems to be missing.</source>
      <translation>Nichts Massives scheint zu fehlen.</translation>
    </message>
    <message>
      <location filename="../../cli/fit_commands.py" />
      <source>Nothing stands out by 3 dB or more.</source>
      <translation>Nichts sticht um 3 dB oder mehr heraus.</translation>
    </message>
    <message>
      <location filename="../../cli/forecast_commands.py" />
      <source>Give either FILE with --arrangement, or --case.</source>
      <translation>Entweder FILE mit --arrangement angeben, oder --case.</translation>
    </message>
    <message>
      <location filename="../../cli/forecast_commands.py" />
      <source>Give --arrangement NAME.</source>
      <translation>--arrangement NAME angeben.</translation>
    </message>
    <message>
      <location filename="../../cli/forecast_commands.py" />
      <source>{rank}. {name}: {value} from even{by}</source>
      <translation>{rank}. {name}: {value} uneben{by}</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>“{name}”, {figure:.1f} dB from even</source>
      <translation>„{name}“, {figure:.1f} dB uneben</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>There is no piece “{piece}”; there is {known}, or a WAV or FLAC.</source>
      <translation>Ein Stück „{piece}“ gibt es nicht; es gibt {known}, oder eine WAV- oder FLAC-Datei.</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>. Against “{first}”: {words}</source>
      <translation>. Gegen „{first}“: {words}</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>{stem} - {plain}.wav</source>
      <translation>{stem} - {plain}.wav</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>, as far as the lesson goes</source>
      <translation>, so weit die Lektion geht</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>The sounds: {size_words}{far}.</source>
      <translation>Die Klänge: {size_words}{far}.</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>{lesson} {which} it.wav</source>
      <translation>{lesson} {which}.wav</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>impulse - {plain}.wav</source>
      <translation>Impuls - {plain}.wav</translation>
    </message>
    <message>
      <location filename="../../cli/hear_commands.py" />
      <source>{folder} cannot be written into: {strerror}.</source>
      <translation>In {folder} lässt sich nicht schreiben: {strerror}.</translation>
    </message>
    <message>
      <location filename="../../cli/ledger_commands.py" />
      <source>{what} {value:.1f} dB</source>
      <translation>{what} {value:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../cli/ledger_commands.py" />
      <source>Noted as step {ledger}.</source>
      <translation>Als Schritt {ledger} notiert.</translation>
    </message>
    <message>
      <location filename="../../cli/ledger_commands.py" />
      <source>“{name}” added to {name2}.</source>
      <translation>„{name}“ zu {name2} hinzugefügt.</translation>
    </message>
    <message>
      <location filename="../../cli/ledger_commands.py" />
      <source>{csv_out}: {wanted} entries.</source>
      <translation>{csv_out}: {wanted} Einträge.</translation>
    </message>
    <message>
      <location filename="../../cli/ledger_commands.py" />
      <source>A note needs words.</source>
      <translation>Eine Notiz braucht Worte.</translation>
    </message>
    <message>
      <location filename="../../cli/ledger_commands.py" />
      <source>Keep a note to 2000 letters; this one has {words}.</source>
      <translation>Eine Notiz hat höchstens 2000 Zeichen; diese hat {words}.</translation>
    </message>
    <message>
      <location filename="../../cli/ledger_commands.py" />
      <source>Nothing is written there yet.</source>
      <translation>Dort steht noch nichts.</translation>
    </message>
    <message>
      <location filename="../../cli/main.py" />
      <source>Commands</source>
      <translation>Befehle</translation>
    </message>
    <message>
      <location filename="../../cli/main.py" />
      <source>at this command</source>
      <translation>bei diesem Befehl</translation>
    </message>
    <message>
      <location filename="../../cli/main.py" />
      <source>{told} Or say --force.</source>
      <translation>{told} Oder --force angeben.</translation>
    </message>
    <message>
      <location filename="../../cli/main.py" />
      <source>jolly-parlor: {sentence}</source>
      <translation>jolly-parlor: {sentence}</translation>
    </message>
    <message>
      <location filename="../../cli/main.py" />
      <source>There is no command “{args}”. Did you mean “{near}”?</source>
      <translation>Einen Befehl „{args}“ gibt es nicht. War „{near}“ gemeint?</translation>
    </message>
    <message>
      <location filename="../../cli/match_command.py" />
      <source>“{name}”, {how} at {count} point of the head:</source>
      <translation>„{name}“, {how} an {count} Punkt des Kopfs:</translation>
    </message>
    <message>
      <location filename="../../cli/match_command.py" />
      <source>“{name}”, {how} at {count} points of the head:</source>
      <translation>„{name}“, {how} an {count} Punkten des Kopfs:</translation>
    </message>
    <message>
      <location filename="../../cli/match_command.py" />
      <source>{loudspeaker} to {x:.2f}, {y:.2f}, {z:.2f} m: {was}{after_db:.1f} dB from even by itself.</source>
      <translation>{loudspeaker} nach {x:.2f}, {y:.2f}, {z:.2f} m: {was}für sich {after_db:.1f} dB uneben.</translation>
    </message>
    <message>
      <location filename="../../cli/match_command.py" />
      <source>{loudspeaker}: {side_words}, {elevation:+.0f}° up, {metres:.2f} m, {level_db:+.1f} dB</source>
      <translation>{loudspeaker}: {side_words}, {elevation:+.0f}° nach oben, {metres:.2f} m, {level_db:+.1f} dB</translation>
    </message>
    <message>
      <location filename="../../cli/printed.py" />
      <source>Replace what is written if it is there; never a document or what is read.</source>
      <translation>Was geschrieben wird, ersetzen, wenn es das schon gibt; nie ein Dokument oder was gelesen wird.</translation>
    </message>
    <message>
      <location filename="../../cli/printed.py" />
      <source>Write JSON, to FILE or instead of words.</source>
      <translation>JSON schreiben, nach FILE oder statt der Worte.</translation>
    </message>
    <message>
      <location filename="../../cli/printed.py" />
      <source>Written to {place}.</source>
      <translation>Geschrieben nach {place}.</translation>
    </message>
    <message>
      <location filename="../../cli/printed.py" />
      <source>The document has no arrangement; propose one first.</source>
      <translation>Das Dokument hat keine Aufstellung; erst eine vorschlagen lassen.</translation>
    </message>
    <message>
      <location filename="../../cli/reflections_command.py" />
      <source>{seconds:.1f} ms</source>
      <translation>{seconds:.1f} ms</translation>
    </message>
    <message>
      <location filename="../../cli/reflections_command.py" />
      <source>“{arrangement}” at the {seat}; beyond {early_db:.0f} dB within {ms} marked *.</source>
      <translation>„{arrangement}“ am Hörplatz {seat}; über {early_db:.0f} dB innerhalb von {ms} mit * markiert.</translation>
    </message>
    <message>
      <location filename="../../cli/reflections_command.py" />
      <source>What remains, in order of harm:</source>
      <translation>Was bleibt, nach Schaden geordnet:</translation>
    </message>
    <message>
      <location filename="../../cli/reflections_command.py" />
      <source>{mark} {level_db:5.1f} dB {ms:&gt;8}  {loudspeaker}, {surface}: {tape}</source>
      <translation>{mark} {level_db:5.1f} dB {ms:&gt;8}  {loudspeaker}, {surface}: {tape}</translation>
    </message>
    <message>
      <location filename="../../cli/reflections_command.py" />
      <source>  line of {loudspeaker} through the head: {surface}</source>
      <translation>  Linie von {loudspeaker} durch den Kopf: {surface}</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Turn the RECORDING of a sweep into a frequency response.</source>
      <translation>Aus der Aufnahme RECORDING eines Sweeps einen Frequenzgang machen.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Rank the arrangements of FILE by Evenness.</source>
      <translation>Die Aufstellungen von FILE nach Ebenheit ordnen.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Open the window with a copy of a lived-in sample: The Kiln Room with a bookcase and a sofa, or Harbour Loft, L-shaped with an open side.</source>
      <translation>Das Fenster mit einer Kopie eines bewohnten Beispiels öffnen: The Kiln Room mit Bücherregal und Sofa, oder Harbour Loft, L-förmig mit einer offenen Seite.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Say which hills of an arrangement of FILE a cut can mend, why nothing fills the hollows, and which few sections are worth setting, trims first.</source>
      <translation>Sagen, welche Hügel einer Aufstellung von FILE eine Absenkung mildert, warum nichts die Senken füllt und welche wenigen Filter sich lohnen, Anpassungen zuerst.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Name the cause of each peak and dip of FILE: of a take, or of what an arrangement has.</source>
      <translation>Die Ursache jeder Spitze und Senke von FILE nennen: einer Messung, oder dessen, was eine Aufstellung hat.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Write every take and average of FILE into FOLDER as CSV, text and WAV.</source>
      <translation>Jede Messung und jedes Mittel von FILE als CSV, Text und WAV nach FOLDER schreiben.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Fit the room of FILE to its takes: sizes, absorption, sources, and how sure each is.</source>
      <translation>Den Raum von FILE an seine Messungen anpassen: Maße, Absorption, Quellen, und wie sicher jede ist.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Calculate the response of an arrangement of FILE at its seats, or of a reference case.</source>
      <translation>Den Frequenzgang einer Aufstellung von FILE an ihren Hörplätzen berechnen, oder den eines Referenzfalls.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Say what differs between arrangements of FILE to the ear, and write a piece as it is heard in each of them: for headphones, equally loud (ITU-R BS.1770).</source>
      <translation>Sagen, worin sich Aufstellungen von FILE fürs Ohr unterscheiden, und ein Stück schreiben, wie es in jeder klingt: für Kopfhörer, gleich laut (ITU-R BS.1770).</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Add a measured RESPONSE to FILE as a take: text, an impulse response as WAV, or the recording of a sweep, as WAV too.</source>
      <translation>FILE einen gemessenen Frequenzgang RESPONSE als Messung hinzufügen: Text, eine Impulsantwort als WAV, oder die Aufnahme eines Sweeps, auch als WAV.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Put Jolly Parlor into the desktop's menu, with its icon, its file type and its manual page; for this user, under the XDG data folder.</source>
      <translation>Jolly Parlor in das Menü des Desktops eintragen, mit Symbol, Dateityp und Handbuchseite; für diesen Benutzer, unter dem XDG-Datenordner.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Say over which band and against what all in FILE is judged; without options, tell.</source>
      <translation>Sagen, über welches Band und gegen was alles in FILE beurteilt wird; ohne Optionen wird es genannt.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Show the Ledger of FILE: every step with its date, what was done, how even it was.</source>
      <translation>Das Logbuch von FILE zeigen: jeden Schritt mit Datum, was getan wurde, wie eben es war.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Say where in the room of FILE a lesson's thing happens and what placing does about it, and write a piece with it and without.</source>
      <translation>Sagen, wo im Raum von FILE das Thema einer Lektion geschieht und was Aufstellen dagegen tut, und ein Stück damit und ohne schreiben.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Say of every loudspeaker of FILE what is off, what to move and what to set, so that all are heard alike at the main seat.</source>
      <translation>Von jedem Lautsprecher von FILE sagen, was daneben ist, was zu bewegen und was einzustellen ist, damit alle am Haupthörplatz gleich gehört werden.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Measure one take and add it to FILE; a bad one is kept but left out of rankings.</source>
      <translation>Eine Messung machen und FILE hinzufügen; eine schlechte bleibt erhalten, aber außerhalb jeder Rangfolge.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Make the document OUT from the file SURVEY.</source>
      <translation>Aus der Datei SURVEY das Dokument OUT machen.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Say which take would help most to choose among the arrangements of FILE.</source>
      <translation>Sagen, welche Messung am meisten hülfe, unter den Aufstellungen von FILE zu wählen.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Write TEXT into the Ledger of FILE.</source>
      <translation>TEXT in das Logbuch von FILE schreiben.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Open the window, with FILE if given.</source>
      <translation>Das Fenster öffnen, mit FILE, wenn angegeben.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Add a school's arrangement to FILE; a school that cannot be met says why.</source>
      <translation>FILE die Aufstellung einer Schule hinzufügen; eine nicht erfüllbare sagt, warum.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>List for whoever treats the room of FILE: first reflections of every loudspeaker, loudest first; what remains after placing, where its pressure gathers, and how long each band rings.</source>
      <translation>Für den, der den Raum von FILE behandelt: erste Reflexionen jedes Lautsprechers, die lautesten zuerst; was nach dem Aufstellen bleibt, wo sich sein Druck sammelt, und wie lange jedes Band nachklingt.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Write the placement card of an arrangement of FILE to OUT, .pdf or .html; with --full the whole report; with --json what it says.</source>
      <translation>Die Aufstellungskarte einer Aufstellung von FILE nach OUT schreiben, .pdf oder .html; mit --full den ganzen Bericht; mit --json, was darin steht.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Draw each main view of the demo into FOLDER, 1280 by 800.</source>
      <translation>Jede Hauptansicht der Demo nach FOLDER zeichnen, 1280 mal 800.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Search the room of FILE for the most even places of monitors, seat and subwoofers.</source>
      <translation>Den Raum von FILE nach den ebensten Orten für Monitore, Hörplatz und Subwoofer absuchen.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Find the settings of an arrangement of FILE that make what is heard most even.</source>
      <translation>Die Einstellungen einer Aufstellung von FILE finden, die das Gehörte am ebensten machen.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Write a signal of the listening tests as a WAV of two channels.</source>
      <translation>Ein Signal der Hörtests als WAV mit zwei Kanälen schreiben.</translation>
    </message>
    <message>
      <location filename="../../cli/registry.py" />
      <source>Say what each subwoofer of FILE does alone, its share of the work, how it stands to the pair, and how unlike the seats are.</source>
      <translation>Sagen, was jeder Subwoofer von FILE allein tut, seinen Anteil an der Arbeit, wie er zum Paar steht, und wie ungleich die Hörplätze sind.</translation>
    </message>
    <message>
      <location filename="../../cli/report_command.py" />
      <source>Say where to write: OUT, a .pdf or .html, or --json.</source>
      <translation>Sagen, wohin zu schreiben ist: OUT, eine .pdf oder .html, oder --json.</translation>
    </message>
    <message>
      <location filename="../../cli/report_command.py" />
      <source>{out} written.</source>
      <translation>{out} geschrieben.</translation>
    </message>
    <message>
      <location filename="../../cli/search_commands.py" />
      <source>{evaluated} arrangements weighed in {seconds:.1f} s.</source>
      <translation>{evaluated} Aufstellungen in {seconds:.1f} s abgewogen.</translation>
    </message>
    <message>
      <location filename="../../cli/search_commands.py" />
      <source>Now, {name}: {present_db:.1f} dB over the head volume.</source>
      <translation>Jetzt, {name}: {present_db:.1f} dB über den Kopfraum.</translation>
    </message>
    <message>
      <location filename="../../cli/search_commands.py" />
      <source>{figure_db:.1f} dB, facing the {facings} wall: monitors {y:.2f} m from the wall, {distance:.2f} m apart, {z:.2f} m high; seat {y2:.2f} m{subs}. {trade} {words}</source>
      <translation>{figure_db:.1f} dB, mit Blick auf die Wand {facings}: Monitore {y:.2f} m von der Wand, {distance:.2f} m auseinander, {z:.2f} m hoch; Hörplatz {y2:.2f} m{subs}. {trade} {words}</translation>
    </message>
    <message>
      <location filename="../../cli/search_commands.py" />
      <source>; {name} {x:.2f} m from the left, {y:.2f} m from the front</source>
      <translation>; {name} {x:.2f} m von links, {y:.2f} m von vorn</translation>
    </message>
    <message>
      <location filename="../../cli/settings_commands.py" />
      <source>“{name}”, {source}: {before_db:.2f} → {after_db:.2f} dB over the head volume.</source>
      <translation>„{name}“, {source}: {before_db:.2f} → {after_db:.2f} dB über den Kopfraum.</translation>
    </message>
    <message>
      <location filename="../../cli/settings_commands.py" />
      <source>Give --fitted or --measured, not both: takes win over forecasts.</source>
      <translation>--fitted oder --measured angeben, nicht beides: Messungen gehen vor.</translation>
    </message>
    <message>
      <location filename="../../cli/settings_commands.py" />
      <source>At {seat}, {how}, dB by third of an octave, and share of the work:</source>
      <translation>Am Hörplatz {seat}, {how}, dB nach Terzen, und Anteil an der Arbeit:</translation>
    </message>
    <message>
      <location filename="../../cli/settings_commands.py" />
      <source>Seats differ by {seat_variance_db2:.1f} dB² from 10 to 125 Hz.</source>
      <translation>Hörplätze unterscheiden sich von 10 bis 125 Hz um {seat_variance_db2:.1f} dB².</translation>
    </message>
    <message>
      <location filename="../../cli/settings_commands.py" />
      <source>{seat}: {before_db:.2f} → {after_db:.2f} dB.</source>
      <translation>{seat}: {before_db:.2f} → {after_db:.2f} dB.</translation>
    </message>
    <message>
      <location filename="../../cli/settings_commands.py" />
      <source>{f:g} Hz {level:.0f} ({share:.0f} %)</source>
      <translation>{f:g} Hz {level:.0f} ({share:.0f} %)</translation>
    </message>
    <message>
      <location filename="../../cli/signal_commands.py" />
      <source>Start quiet: a tone at full scale harms ears and tweeters before it seems loud.</source>
      <translation>Leise beginnen: ein voll ausgesteuerter Ton schadet Ohren und Hochtönern, ehe er laut wirkt.</translation>
    </message>
    <message>
      <location filename="../../cli/signal_commands.py" />
      <source>{low:g} to {high:g} Hz in {seconds:g} seconds</source>
      <translation>{low:g} bis {high:g} Hz in {seconds:g} Sekunden</translation>
    </message>
    <message>
      <location filename="../../cli/signal_commands.py" />
      <source>{seconds:g} seconds</source>
      <translation>{seconds:g} Sekunden</translation>
    </message>
    <message>
      <location filename="../../cli/take_commands.py" />
      <source>{out}: {size} points.</source>
      <translation>{out}: {size} Punkte.</translation>
    </message>
    <message>
      <location filename="../../cli/take_commands.py" />
      <source>{level_db_spl:.0f} dB SPL at the microphone.</source>
      <translation>{level_db_spl:.0f} dB SPL am Mikrofon.</translation>
    </message>
    <message>
      <location filename="../../cli/take_commands.py" />
      <source>--loopback needs one device; with --input markers tell the time.</source>
      <translation>--loopback braucht ein einziges Gerät; mit --input sagen Marken die Zeit.</translation>
    </message>
    <message>
      <location filename="../../cli/window_commands.py" />
      <source>There is no display to open a window on: DISPLAY and WAYLAND_DISPLAY are empty. The commands work without one; see jolly-parlor --help.</source>
      <translation>Es gibt keinen Bildschirm, um ein Fenster zu öffnen: DISPLAY und WAYLAND_DISPLAY sind leer. Die Befehle arbeiten ohne; siehe jolly-parlor --help.</translation>
    </message>
  </context>
  <context>
    <name>defects</name>
    <message>
      <location filename="../../defects.py" />
      <source>The program failed {doing} ({kind}); nothing you entered is lost. {where} says more: please send it to the makers.</source>
      <translation>Das Programm versagte {doing} ({kind}); nichts Eingegebenes ist verloren. {where} sagt mehr: bitte an die Hersteller schicken.</translation>
    </message>
    <message>
      <location filename="../../defects.py" />
      <source>The program failed {doing} ({kind}); nothing you entered is lost.</source>
      <translation>Das Programm versagte {doing} ({kind}); nichts Eingegebenes ist verloren.</translation>
    </message>
  </context>
  <context>
    <name>diagnosis</name>
    <message>
      <location filename="../../diagnosis/causes.py" />
      <source>the two arriving in step</source>
      <translation>die beiden gleichzeitig ankommend</translation>
    </message>
    <message>
      <location filename="../../diagnosis/causes.py" />
      <source>the {name} one silent</source>
      <translation>{name} stumm</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <location filename="../../diagnosis/moves.py" />
      <source>{moved} moved {metres:.0f} cm</source>
      <translation>{moved} um {metres:.0f} cm bewegt</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>It followed when {moved}: {frequency_hz:.0f} → {went:.0f} Hz, where the room's field puts it ({there:.0f} Hz).</source>
      <translation>Es folgte, als {moved}: {frequency_hz:.0f} → {went:.0f} Hz, wohin das Feld des Raums es setzt ({there:.0f} Hz).</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>It went away when {moved}, as the room's field says.</source>
      <translation>Es verschwand, als {moved}, wie das Feld des Raums sagt.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>went away</source>
      <translation>verschwand</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>was at {went:.0f} Hz</source>
      <translation>war bei {went:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>at {there:.0f} Hz</source>
      <translation>bei {there:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>It {now} when {moved}; the forecast has it {then}: less sure.</source>
      <translation>Es {now}, als {moved}; die Vorhersage hat es {then}: weniger sicher.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>It stayed at {went:.0f} Hz when {moved}, as the room's field says.</source>
      <translation>Es blieb bei {went:.0f} Hz, als {moved}, wie das Feld des Raums sagt.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>it would be gone</source>
      <translation>es wäre weg</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>To check, move {words} by {metres:.0f} cm: {does}.</source>
      <translation>Zur Probe {words} um {metres:.0f} cm bewegen: {does}.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/field_moves.py" />
      <source>it would go to {there:.0f} Hz</source>
      <translation>es ginge nach {there:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>this {kind} by {without_db:.0f} dB</source>
      <translation>{kind} um {without_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>If it absorbed all sound, {does}.</source>
      <translation>Schluckte es allen Schall, {does}.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>, the seat in its quiet zone</source>
      <translation>, der Hörplatz in ihrer ruhigen Zone</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>, the loudspeakers in its quiet zone</source>
      <translation>, die Lautsprecher in ihrer ruhigen Zone</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>, seat and loudspeakers both in its quiet zone</source>
      <translation>, Hörplatz und Lautsprecher beide in ihrer ruhigen Zone</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>, which left and right drive against each other</source>
      <translation>, die links und rechts gegeneinander anregen</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>, which works against the rest here</source>
      <translation>, die hier gegen den Rest arbeitet</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>quiet zone of the {name}</source>
      <translation>ruhige Zone von: {name}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>the handover between monitors and subwoofer</source>
      <translation>der Übergang zwischen Monitoren und Subwoofer</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>{frequency_hz:.0f} Hz, {size:.0f} dB {way}: {cause_words}.</source>
      <translation>{frequency_hz:.0f} Hz, {size:.0f} dB {way}: {cause_words}.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>possibly {with_partners}</source>
      <translation>vielleicht {with_partners}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>{by}{evenness_before_db:.1f} → {evenness_after_db:.1f} dB from even; {becomes}. {equaliser}</source>
      <translation>{by}{evenness_before_db:.1f} → {evenness_after_db:.1f} dB uneben; {becomes}. {equaliser}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>With {instead}, {does}.</source>
      <translation>Mit {instead} {does}.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>Without this standing wave {does}.</source>
      <translation>Ohne diese stehende Welle {does}.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>Without the desk {does}.</source>
      <translation>Ohne den Tisch {does}.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>If both absorbed all sound, {does}; either alone does not do it.</source>
      <translation>Schluckten beide allen Schall, {does}; eine allein bewirkt es nicht.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>If it absorbed all sound, {does}; the other does as much.</source>
      <translation>Schluckte es allen Schall, {does}; die andere bewirkt ebenso viel.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>{article} {name} ({frequency_hz:.0f} Hz){zone}</source>
      <translation>{name} ({frequency_hz:.0f} Hz){zone}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>the {words}</source>
      <translation>{words}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>the desk</source>
      <translation>der Tisch</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>no single cause stands out</source>
      <translation>keine einzelne Ursache sticht heraus</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>probably {with_partners}</source>
      <translation>wahrscheinlich {with_partners}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>{describe}, or {describe2}</source>
      <translation>{describe}, oder {describe2}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>Several reflections and modes meet here; no one of them makes it.</source>
      <translation>Mehrere Reflexionen und Moden treffen hier zusammen; keine macht es allein.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>Less certain, above 300 Hz: {why}</source>
      <translation>Weniger sicher, über 300 Hz: {why}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>{what}; treatment acts here more easily than below.</source>
      <translation>{what}; Behandlung wirkt hier leichter als darunter.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>No move against it makes the whole half a decibel more even; do not boost a cancellation.</source>
      <translation>Keine Bewegung dagegen macht das Ganze um ein halbes Dezibel ebener; eine Auslöschung nicht anheben.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>Forecast </source>
      <translation>Vorhersage </translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>this {what} would be gone</source>
      <translation>wäre diese Abweichung ({what}) weg</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>What is left, a cut may tame: the Equaliser at Sign-off says.</source>
      <translation>Was bleibt, mildert vielleicht eine Absenkung: das sagt der Equalizer unter Abnahme.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>No boost fills it.</source>
      <translation>Keine Anhebung füllt sie.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source> together with </source>
      <translation> zusammen mit </translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>the wall behind the {who}, {face:.2f} m to the face, heard from {heard:.2f} m</source>
      <translation>die Wand hinter den {who}, {face:.2f} m bis zur Front, gehört ab {heard:.2f} m</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>the bounce off {side}</source>
      <translation>die Reflexion an {side}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>No forecast reaches here</source>
      <translation>Keine Vorhersage reicht hierher</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>Not judged in Evenness</source>
      <translation>In der Ebenheit nicht beurteilt</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>No move against it makes the whole half a decibel more even; whether a cut may tame it, the Equaliser at Sign-off says.</source>
      <translation>Keine Bewegung dagegen macht das Ganze um ein halbes Dezibel ebener; ob eine Absenkung ihn mildert, sagt der Equalizer unter Abnahme.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>With {what}: </source>
      <translation>Mit {what}: </translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>this {what} would shrink from {was:.0f} to {left:.0f} dB</source>
      <translation>schrumpfte diese Abweichung ({what}) von {was:.0f} auf {left:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../diagnosis/findings.py" />
      <source>this {what} would turn into {left:.0f} dB the other way</source>
      <translation>würden aus dieser Abweichung ({what}) {left:.0f} dB in die andere Richtung</translation>
    </message>
    <message>
      <location filename="../../diagnosis/interventions.py" />
      <source>{who} {by:.0f} cm {value}</source>
      <translation>{who} {by:.0f} cm {value}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/interventions.py" />
      <source>further right</source>
      <translation>weiter rechts</translation>
    </message>
    <message>
      <location filename="../../diagnosis/interventions.py" />
      <source>further left</source>
      <translation>weiter links</translation>
    </message>
    <message>
      <location filename="../../diagnosis/interventions.py" />
      <source>further back</source>
      <translation>weiter hinten</translation>
    </message>
    <message>
      <location filename="../../diagnosis/interventions.py" />
      <source>further forward</source>
      <translation>weiter vorn</translation>
    </message>
    <message>
      <location filename="../../diagnosis/interventions.py" />
      <source>the ear</source>
      <translation>das Ohr</translation>
    </message>
    <message>
      <location filename="../../diagnosis/interventions.py" />
      <source>the loudspeakers</source>
      <translation>die Lautsprecher</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The desk top between loudspeakers and ear throws sound about.</source>
      <translation>Die Tischplatte zwischen Lautsprechern und Ohr wirft den Schall umher.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The seat is in the quiet zone of this standing wave.</source>
      <translation>Der Hörplatz ist in der ruhigen Zone dieser stehenden Welle.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The sources stand in the quiet zone of this standing wave and cannot drive it.</source>
      <translation>Die Quellen stehen in der ruhigen Zone dieser stehenden Welle und können sie nicht anregen.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The seat and the sources are both in the quiet zone of this standing wave.</source>
      <translation>Hörplatz und Quellen sind beide in der ruhigen Zone dieser stehenden Welle.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>Left and right drive this standing wave in opposition, so it stays silent.</source>
      <translation>Links und rechts regen diese stehende Welle gegeneinander an, sie bleibt also stumm.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>Where the seat is, this standing wave works against the rest of the sound.</source>
      <translation>Wo der Hörplatz ist, arbeitet diese stehende Welle gegen den übrigen Schall.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>No single path cancels just here, but this surface is what the hollow depends on.</source>
      <translation>Kein einzelner Weg löscht genau hier aus, aber an dieser Fläche hängt die Senke.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>{who} off the {words}: {excess_metres:.2f} m longer than the direct path, {level_db:.0f} dB against it.</source>
      <translation>{who} über {words}: {excess_metres:.2f} m länger als der direkte Weg, {level_db:.0f} dB dagegen.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>Monitors and subwoofer share the range around {crossover:.0f} Hz.</source>
      <translation>Monitore und Subwoofer teilen sich den Bereich um {crossover:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>No single standing wave peaks just here, but this surface is what it depends on.</source>
      <translation>Keine einzelne stehende Welle gipfelt genau hier, aber an dieser Fläche hängt es.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The {source}</source>
      <translation>{source}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The seat and the sources both meet this standing wave.</source>
      <translation>Hörplatz und Quellen treffen beide diese stehende Welle.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The left monitor</source>
      <translation>Der linke Monitor</translation>
    </message>
    <message>
      <location filename="../../diagnosis/marks.py" />
      <source>The right monitor</source>
      <translation>Der rechte Monitor</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>It followed when {moved}: {frequency_hz:.0f} → {went:.0f} Hz, where this puts it ({foretold:.0f} Hz).</source>
      <translation>Es folgte, als {moved}: {frequency_hz:.0f} → {went:.0f} Hz, wohin dies es setzt ({foretold:.0f} Hz).</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>It went away when {moved}, as this says.</source>
      <translation>Es verschwand, als {moved}, wie dies sagt.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>It stayed at {went:.0f} Hz when {moved}, as this says.</source>
      <translation>Es blieb bei {went:.0f} Hz, als {moved}, wie dies sagt.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>the monitors</source>
      <translation>die Monitore</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>the {item}</source>
      <translation>{item}</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>the microphone back</source>
      <translation>das Mikrofon zurück</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>the microphone down</source>
      <translation>das Mikrofon hinab</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>the monitors out</source>
      <translation>die Monitore heraus</translation>
    </message>
    <message>
      <location filename="../../diagnosis/moves.py" />
      <source>To tell the two apart, move {words} by {metres:.0f} cm and measure: by path lengths alone the first would go to {f1:.0f} Hz, the second to {f2:.0f} Hz.</source>
      <translation>Um beide zu unterscheiden, {words} um {metres:.0f} cm bewegen und messen: allein nach Weglängen ginge das erste nach {f1:.0f} Hz, das zweite nach {f2:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>“{base}” with {what}, tried against a finding.</source>
      <translation>„{base}“ mit {what}, gegen einen Befund versucht.</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>the whole triangle, monitors at {} from the front wall</source>
      <translation>das ganze Dreieck, Monitore {} von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>a desk top {} deep, its near edge where it is</source>
      <translation>eine Tischplatte von {} Tiefe, die vordere Kante bleibt</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>monitors at {} from the front wall</source>
      <translation>Monitore {} von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>seat at {} from the front wall</source>
      <translation>Hörplatz {} von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>monitors {} apart</source>
      <translation>Monitore {} auseinander</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>monitors {} above the floor</source>
      <translation>Monitore {} über dem Boden</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>the desk's far edge at {} from the front wall</source>
      <translation>die hintere Tischkante {} vor der Vorderwand</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>the desk's top {} above the floor</source>
      <translation>die Tischplatte {} über dem Boden</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>{id} at the front wall, {{}} from the left</source>
      <translation>{id} an der vorderen Wand, {{}} von links</translation>
    </message>
    <message>
      <location filename="../../diagnosis/remedies.py" />
      <source>{id} at the left wall, {{}} from the front</source>
      <translation>{id} an der linken Wand, {{}} von vorn</translation>
    </message>
  </context>
  <context>
    <name>equalising</name>
    <message>
      <location filename="../../equalising/biquads.py" />
      <source>{sample_rate} samples a second cannot be written; {least_rate_hz} to {most_rate_hz} can.</source>
      <translation>{sample_rate} Abtastwerte je Sekunde lassen sich nicht schreiben; {least_rate_hz} bis {most_rate_hz} gehen.</translation>
    </message>
    <message>
      <location filename="../../equalising/biquads.py" />
      <source>A section at {frequency_hz:g} Hz needs more than {sample_rate} samples a second.</source>
      <translation>Ein Filter bei {frequency_hz:g} Hz braucht mehr als {sample_rate} Abtastwerte je Sekunde.</translation>
    </message>
    <message>
      <location filename="../../equalising/filter_files.py" />
      <source>A bell at its frequency: Q is the frequency over the width between the points of half its decibels. H(z) = (b0 + b1/z + b2/z²) / (1 + a1/z + a2/z²); where your equaliser asks for the signs of a1 and a2 the other way round, turn them.</source>
      <translation>Eine Glocke bei ihrer Frequenz: Q ist die Frequenz durch die Breite zwischen den Punkten ihrer halben Dezibel. H(z) = (b0 + b1/z + b2/z²) / (1 + a1/z + a2/z²); verlangt Ihr Equalizer die Vorzeichen von a1 und a2 andersherum, umkehren.</translation>
    </message>
    <message>
      <location filename="../../equalising/filter_files.py" />
      <source>{frequency_hz:g} Hz, {gain} dB, Q {q:g}</source>
      <translation>{frequency_hz:g} Hz, {gain} dB, Q {q:g}</translation>
    </message>
    <message>
      <location filename="../../equalising/filter_files.py" />
      <source>  nothing to set</source>
      <translation>  nichts zu setzen</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>{with_minus} dB</source>
      <translation>{with_minus} dB</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>{frequency_hz:.0f} Hz, {level} dB</source>
      <translation>{frequency_hz:.0f} Hz, {level} dB</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>not by a cut: its group delay jumps by {jump:.0f} ms, so paths interfere here, and each ear has it otherwise.</source>
      <translation>nicht durch Absenken: seine Gruppenlaufzeit springt um {jump:.0f} ms, hier überlagern sich also Wege, und jedes Ohr hat es anders.</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>A cancellation: what you add cancels too. Its group delay jumps by {jump:.0f} ms.</source>
      <translation>Eine Auslöschung: was man zugibt, löscht sich auch. Ihre Gruppenlaufzeit springt um {jump:.0f} ms.</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>not by a cut: over the head it is {db} at the point “{least}” and {db2} at its highest; what is cut at one ear is missing at another.</source>
      <translation>nicht durch Absenken: über den Kopf ist es am Punkt „{least}“ {db} und am höchsten {db2}; was an einem Ohr gesenkt wird, fehlt am anderen.</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>alike over the head within {spread:.1f} dB</source>
      <translation>über den Kopf gleich innerhalb von {spread:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>heard at one point only, so how it is over the head is not known</source>
      <translation>nur an einem Punkt gehört, wie es über den Kopf ist, ist also nicht bekannt</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>above even at the other seats too</source>
      <translation>auch an den anderen Hörplätzen zu laut</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>minimum phase</source>
      <translation>minimalphasig</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>its phase is not known</source>
      <translation>seine Phase ist nicht bekannt</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>Not filled: over the head it varies by {spread:.1f} dB, so what fills it at one point is too much at another.</source>
      <translation>Nicht gefüllt: über den Kopf schwankt es um {spread:.1f} dB, was es an einem Punkt füllt, ist an einem anderen zu viel.</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>Not filled: {depth:.0f} dB more would ask {times:.0f} times the power of amplifier and driver. Move instead.{known}</source>
      <translation>Nicht gefüllt: {depth:.0f} dB mehr verlangten die {times:.0f}-fache Leistung von Verstärker und Lautsprecher. Stattdessen bewegen.{known}</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>not for every seat: at {poorest} it is {db} there already, and a cut takes as much from all.</source>
      <translation>nicht für jeden Hörplatz: bei {poorest} ist es schon {db}, und eine Absenkung nimmt allen gleich viel.</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source> Without phase a cancellation cannot be excluded.</source>
      <translation> Ohne Phase lässt sich eine Auslöschung nicht ausschließen.</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>not known: it stands only {above:.0f} dB above the noise; measure louder or longer.</source>
      <translation>nicht bekannt: es steht nur {above:.0f} dB über dem Rauschen; lauter oder länger messen.</translation>
    </message>
    <message>
      <location filename="../../equalising/mendable.py" />
      <source>A cut mends it: {alike}.</source>
      <translation>Eine Absenkung hilft: {alike}.</translation>
    </message>
    <message>
      <location filename="../../equalising/sections.py" />
      <source>Many who do this prefer about three quarters of what the figure asks for: the ear takes part of the room for granted. Set it by ear, on music you know well. (Common practice, no source.)</source>
      <translation>Viele, die das tun, nehmen lieber etwa drei Viertel dessen, was die Zahl verlangt: das Ohr nimmt einen Teil des Raums als gegeben. Nach Gehör setzen, mit Musik, die man gut kennt. (Gängige Praxis, ohne Quelle.)</translation>
    </message>
  </context>
  <context>
    <name>fitting</name>
    <message>
      <location filename="../../fitting/evidence.py" />
      <source>The take covers less than an octave of 20 to 200 Hz.</source>
      <translation>Die Messung deckt von 20 bis 200 Hz weniger als eine Oktave ab.</translation>
    </message>
    <message>
      <location filename="../../fitting/fit.py" />
      <source>A fit needs one take or more.</source>
      <translation>Ein Einpassen braucht eine Messung oder mehr.</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>{name}: times {factor:.2f}, within a factor of {exp:.2f}</source>
      <translation>{name}: mal {factor:.2f}, innerhalb eines Faktors von {exp:.2f}</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>around {fit_hz:.0f} to {fit_hz2:.0f} Hz</source>
      <translation>um {fit_hz:.0f} bis {fit_hz2:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>{name}: {changed:.1f} cm {way}, give or take {unsure:.1f} cm</source>
      <translation>{name}: {changed:.1f} cm {way}, auf {unsure:.1f} cm genau</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>{value_of:+.1f} of what it absorbs, give or take {unsure:.1f}</source>
      <translation>{value_of:+.1f} dessen, was es schluckt, auf {unsure:.1f} genau</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>{name}: {value_of:+.1f} dB, give or take {unsure:.1f} dB</source>
      <translation>{name}: {value_of:+.1f} dB, auf {unsure:.1f} dB genau</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>{surface} absorbs about {factor:.1f} times what its material should, within a factor of {exp:.1f}</source>
      <translation>{surface} schluckt etwa {factor:.1f}-mal so viel wie sein Material sollte, innerhalb eines Faktors von {exp:.1f}</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>Fitted to {takes}: {after:.1f} dB off in the mean, {before:.1f} dB before.</source>
      <translation>An {takes} angepasst: im Mittel {after:.1f} dB daneben, vorher {before:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>{name} does not fit the others ({after_db:.1f} dB off) and counts for little: measure it again.</source>
      <translation>{name} passt nicht zu den anderen ({after_db:.1f} dB daneben) und zählt wenig: noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>a wardrobe</source>
      <translation>ein Schrank</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>another solid thing</source>
      <translation>ein weiterer massiver Gegenstand</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>a bay or an alcove</source>
      <translation>ein Erker oder eine Nische</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>another corner of the plan</source>
      <translation>eine weitere Ecke des Grundrisses</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>The takes and this room differ by {by:.1f} dB {where}: is there a large opening, {asked}, {shape} that you left out?</source>
      <translation>Messungen und dieser Raum unterscheiden sich {where} um {by:.1f} dB: gibt es eine große Öffnung, die fehlt, oder: {asked}, {shape}?</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>The fit did not come to rest: believe its forecasts less, and look for a take or a size that is wrong.</source>
      <translation>Das Einpassen kam nicht zur Ruhe: seinen Vorhersagen weniger glauben und nach einer falschen Messung oder einem falschen Maß suchen.</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>shown by the takes</source>
      <translation>von den Messungen gezeigt</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>not shown by these takes</source>
      <translation>von diesen Messungen nicht gezeigt</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>The takes want the {name} {value:.2f} m {way}: check the tape.</source>
      <translation>Die Messungen wollen {name} {value:.2f} m {way}: das Maßband prüfen.</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>The takes want {name} {value:.0f} cm off: check its place.</source>
      <translation>Die Messungen wollen {name} {value:.0f} cm daneben: den Ort prüfen.</translation>
    </message>
    <message>
      <location filename="../../fitting/fit_words.py" />
      <source>{partition} seems to absorb far {more} than its material should: is an opening or a hollow wall missing from the survey?</source>
      <translation>{partition} scheint weit {more} zu schlucken, als das Material sollte: fehlt dem Aufmaß eine Öffnung oder eine hohle Wand?</translation>
    </message>
    <message>
      <location filename="../../fitting/missing.py" />
      <source>Something solid about {wide:.1f} m wide and {height:.0f} m high {where} would explain {before_db:.1f} → {after_db:.1f} dB.</source>
      <translation>Etwas Massives, etwa {wide:.1f} m breit und {height:.0f} m hoch, {where} würde {before_db:.1f} → {after_db:.1f} dB erklären.</translation>
    </message>
    <message>
      <location filename="../../fitting/missing.py" />
      <source>in the {end} {side} corner</source>
      <translation>in der Ecke {end} {side}</translation>
    </message>
    <message>
      <location filename="../../fitting/missing.py" />
      <source>at the {end} wall</source>
      <translation>an der Wand {end}</translation>
    </message>
    <message>
      <location filename="../../fitting/missing.py" />
      <source>, in the middle</source>
      <translation>, in der Mitte</translation>
    </message>
    <message>
      <location filename="../../fitting/next_take.py" />
      <source>“{best}” beats “{rival}” with {percent} % probability.</source>
      <translation>„{best}“ schlägt „{rival}“ mit {percent} % Wahrscheinlichkeit.</translation>
    </message>
    <message>
      <location filename="../../fitting/next_take.py" />
      <source>{sure} Measure {who} of “{arrangement}” at the {seat}: the doubt between the two falls from {doubt_before_db:.1f} to {doubt_after_db:.1f} dB, and the choice is expected to turn out {gain_db:.2f} dB more even.</source>
      <translation>{sure} {who} von „{arrangement}“ am Hörplatz {seat} messen: der Zweifel zwischen beiden fällt von {doubt_before_db:.1f} auf {doubt_after_db:.1f} dB, und die Wahl dürfte {gain_db:.2f} dB ebener ausfallen.</translation>
    </message>
    <message>
      <location filename="../../fitting/next_take.py" />
      <source>There is one arrangement only; nothing needs to be decided.</source>
      <translation>Es gibt nur eine Aufstellung; nichts ist zu entscheiden.</translation>
    </message>
    <message>
      <location filename="../../fitting/next_take.py" />
      <source>{sure} Stop here: the best of what is left is within {left:.1f} dB.</source>
      <translation>{sure} Hier aufhören: das Beste vom Übrigen liegt innerhalb von {left:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../fitting/next_take.py" />
      <source>{sure} No take of these would settle it; {left:.1f} dB may be left.</source>
      <translation>{sure} Keine Messung von diesen entschiede es; {left:.1f} dB mögen bleiben.</translation>
    </message>
    <message>
      <location filename="../../fitting/next_take.py" />
      <source>the {source}</source>
      <translation>{source}</translation>
    </message>
    <message>
      <location filename="../../fitting/parameters.py" />
      <source>{name}: loss</source>
      <translation>{name}: Verlust</translation>
    </message>
    <message>
      <location filename="../../fitting/parameters.py" />
      <source>acoustic centre of {name}</source>
      <translation>akustisches Zentrum von {name}</translation>
    </message>
    <message>
      <location filename="../../fitting/parameters.py" />
      <source>level of everything</source>
      <translation>Pegel von allem</translation>
    </message>
    <message>
      <location filename="../../fitting/parameters.py" />
      <source>level of {name}</source>
      <translation>Pegel von {name}</translation>
    </message>
    <message>
      <location filename="../../fitting/parameters.py" />
      <source>low corner of {name}</source>
      <translation>untere Grenze von {name}</translation>
    </message>
    <message>
      <location filename="../../fitting/parameters.py" />
      <source>{words}: pushes back at {hz:.0f} Hz</source>
      <translation>{words}: drückt bei {hz:.0f} Hz zurück</translation>
    </message>
    <message>
      <location filename="../../fitting/parameters.py" />
      <source>near edge of the desk</source>
      <translation>vordere Tischkante</translation>
    </message>
    <message>
      <location filename="../../fitting/posterior.py" />
      <source>placing {n}</source>
      <translation>Aufstellung {n}</translation>
    </message>
  </context>
  <context>
    <name>inputs</name>
    <message>
      <location filename="../../inputs.py" />
      <source>it has {size:.0f} MB; {most:.0f} MB can be read</source>
      <translation>sie hat {size:.0f} MB; {most:.0f} MB lassen sich lesen</translation>
    </message>
    <message>
      <location filename="../../inputs.py" />
      <source>it is a folder</source>
      <translation>es ist ein Ordner</translation>
    </message>
    <message>
      <location filename="../../inputs.py" />
      <source>it is no ordinary file</source>
      <translation>es ist keine gewöhnliche Datei</translation>
    </message>
  </context>
  <context>
    <name>outputs</name>
    <message>
      <location filename="../../outputs.py" />
      <source>{name}, which is {place}</source>
      <translation>{name}, das ist {place}</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} would hold {kind} content: give it that ending.</source>
      <translation>{path} enthielte {kind}: diese Endung angeben.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} is a folder: name a file in it.</source>
      <translation>{path} ist ein Ordner: eine Datei darin angeben.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} is no ordinary file, so nothing was written.</source>
      <translation>{path} ist keine gewöhnliche Datei; es wurde nichts geschrieben.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} is what was read, so it was not overwritten: name another.</source>
      <translation>{path} wurde gelesen und deshalb nicht überschrieben: einen anderen Namen angeben.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} is a document, so it was not overwritten: name another.</source>
      <translation>{path} ist ein Dokument und wurde nicht überschrieben: einen anderen Namen angeben.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} is there already: name another.</source>
      <translation>{path} gibt es schon: einen anderen Namen angeben.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} could not be written: {reason}.</source>
      <translation>{path} ließ sich nicht schreiben: {reason}.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <source>{path} is the name of a document: give another ending.</source>
      <translation>{path} ist der Name eines Dokuments: eine andere Endung angeben.</translation>
    </message>
    <message>
      <location filename="../../outputs.py" />
      <location filename="../../project/exporting.py" />
      <source>the place cannot be written</source>
      <translation>der Ort ist nicht beschreibbar</translation>
    </message>
  </context>
  <context>
    <name>placement</name>
    <message>
      <location filename="../../placement/around_head.py" />
      <source>A mean over the head needs takes at two points or more.</source>
      <translation>Ein Mittel über den Kopf braucht Messungen an zwei oder mehr Punkten.</translation>
    </message>
    <message>
      <location filename="../../placement/arrangement.py" />
      <source>Placed by hand.</source>
      <translation>Von Hand gestellt.</translation>
    </message>
    <message>
      <location filename="../../placement/arrangement.py" />
      <source>turned to {degrees:.0f}° from the back towards the right</source>
      <translation>auf {degrees:.0f}° von hinten nach rechts gedreht</translation>
    </message>
    <message>
      <location filename="../../placement/arrangement.py" />
      <source>{degrees_out:.0f}° {degrees_out2} the ear</source>
      <translation>{degrees_out:.0f}° {degrees_out2} dem Ohr</translation>
    </message>
    <message>
      <location filename="../../placement/arrangement.py" />
      <source>turned away from its wall</source>
      <translation>von seiner Wand weg gedreht</translation>
    </message>
    <message>
      <location filename="../../placement/arrangement.py" />
      <source>turned {way}</source>
      <translation>{way} gedreht</translation>
    </message>
    <message>
      <location filename="../../placement/arrangement.py" />
      <source>at the ear</source>
      <translation>am Ohr</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>Do not boost below the box's corner or into a cancellation: it only strains the driver.</source>
      <translation>Nicht unter der Grenze der Box und nicht in eine Auslöschung hinein anheben: das belastet nur den Lautsprecher.</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>Sweeps: start low; 75 dB SPL at the seat is plenty. Mistakes in gain damage ears and tweeters.</source>
      <translation>Sweeps: leise beginnen; 75 dB SPL am Hörplatz sind reichlich. Fehler beim Pegel schaden Ohren und Hochtönern.</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>Begins quiet: raise it only as far as you need. 85 dB(A) for 8 hours is the most that exposure guidance allows, half the time for each 3 dB more (NIOSH 1998).</source>
      <translation>Beginnt leise: nur so weit lauter stellen wie nötig. 85 dB(A) für 8 Stunden sind das Höchste, was Richtwerte erlauben, je 3 dB mehr die halbe Zeit (NIOSH 1998).</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>Heavy cabinets: two people, and strap what stands high so that no child can tip it.</source>
      <translation>Schwere Gehäuse: zwei Personen, und festzurren, was hoch steht, damit kein Kind es kippen kann.</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>No laser at eye height; aim with a string or a tape.</source>
      <translation>Kein Laser auf Augenhöhe; mit Schnur oder Maßband richten.</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>Tape down cables where people walk.</source>
      <translation>Kabel festkleben, wo Menschen gehen.</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>Anything fixed to wall or ceiling, in-wall work and mains wiring: local codes and a licensed trade.</source>
      <translation>Alles an Wand oder Decke Befestigte, Arbeiten in der Wand und Netzleitungen: örtliche Vorschriften und eine Fachkraft.</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>whatever else stands in the room</source>
      <translation>was sonst im Raum steht</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>whatever was not surveyed</source>
      <translation>was nicht aufgenommen wurde</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>{n} monitor</source>
      <translation>Monitor {n}</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>subwoofer {n}</source>
      <translation>Subwoofer {n}</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>a way out</source>
      <translation>einem Ausgang</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>a window that may be a way out</source>
      <translation>einem Fenster, das ein Ausgang sein kann</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>The {near} stands within {escape_metres:.1f} m of {way}: keep escape routes and windows free.</source>
      <translation>{near} steht näher als {escape_metres:.1f} m an {way}: Fluchtwege und Fenster freihalten.</translation>
    </message>
    <message>
      <location filename="../../placement/cautions.py" />
      <source>The {near} stand within {escape_metres:.1f} m of {way}: keep escape routes and windows free.</source>
      <translation>{near} stehen näher als {escape_metres:.1f} m an {way}: Fluchtwege und Fenster freihalten.</translation>
    </message>
    <message>
      <location filename="../../placement/chains.py" />
      <source>{short} dB per octave</source>
      <translation>{short} dB je Oktave</translation>
    </message>
    <message>
      <location filename="../../placement/chains.py" />
      <source>A Linkwitz crossover of {slope_db_per_octave} dB per octave does not exist; choose 12, 24, 36 or 48, or Butterworth.</source>
      <translation>Einen Linkwitz-Übergang mit {slope_db_per_octave} dB je Oktave gibt es nicht; 12, 24, 36 oder 48 wählen, oder Butterworth.</translation>
    </message>
    <message>
      <location filename="../../placement/chains.py" />
      <source>low shelf</source>
      <translation>Tiefenregal</translation>
    </message>
    <message>
      <location filename="../../placement/chains.py" />
      <source>low mid</source>
      <translation>untere Mitten</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>{left:.0f}° left and {right:.0f}° right</source>
      <translation>{left:.0f}° links und {right:.0f}° rechts</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>Both monitors are equally far from the ear, within {gap:.0f} cm.</source>
      <translation>Beide Monitore sind gleich weit vom Ohr, innerhalb von {gap:.0f} cm.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The {nearer} monitor is {gap:.0f} cm nearer to the ear; the image leans.</source>
      <translation>Der Monitor {nearer} ist {gap:.0f} cm näher am Ohr; das Bild lehnt.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The triangle is equilateral within {ratio:.0f} %.</source>
      <translation>Das Dreieck ist gleichseitig innerhalb von {ratio:.0f} %.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The triangle is {ratio:.0f} % {what} than equilateral.</source>
      <translation>Das Dreieck ist {ratio:.0f} % {what} als gleichseitig.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The monitors are {far:.2f} m away; near-field listening wants {nearest_metres:.1f} to {furthest_metres:.1f} m.</source>
      <translation>Die Monitore sind {far:.2f} m entfernt; Nahfeldhören will {nearest_metres:.1f} bis {furthest_metres:.1f} m.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>Monitors at ear height, within {above:.0f} cm.</source>
      <translation>Monitore auf Ohrhöhe, innerhalb von {above:.0f} cm.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The monitors are {above:.0f} cm {where} the ear: tilt them so that they still point at it.</source>
      <translation>Die Monitore sind {above:.0f} cm {where} dem Ohr: neigen, damit sie noch darauf zeigen.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>To point at the ear the monitors must turn in by {words}: too wide.</source>
      <translation>Um auf das Ohr zu zeigen, müssten die Monitore um {words} eingedreht werden: zu weit.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>Nothing surveyed stands between, beside or before the monitors.</source>
      <translation>Nichts Aufgemessenes steht zwischen, neben oder vor den Monitoren.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>Left and right see unlike walls: {to_left:.2f} m and {to_right:.2f} m to the sides.</source>
      <translation>Links und rechts sehen ungleiche Wände: {to_left:.2f} m und {to_right:.2f} m zu den Seiten.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>{one} and {two} are equally far from the monitors ({distances:.2f} and {distances2:.2f} m): their cancellations stack.</source>
      <translation>{one} und {two} sind gleich weit von den Monitoren ({distances:.2f} und {distances2:.2f} m): ihre Auslöschungen häufen sich.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>Front wall, side wall and floor are at unlike distances.</source>
      <translation>Vordere Wand, Seitenwand und Boden sind ungleich weit.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>Front wall, side wall and floor together take {change:.1f} dB off the monitors' output near {f:.0f} Hz, wherever you sit.</source>
      <translation>Vordere Wand, Seitenwand und Boden nehmen zusammen nahe {f:.0f} Hz {change:.1f} dB vom Schall der Monitore, wo immer man sitzt.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The nearest walls take no more than {change:.1f} dB off the monitors' output.</source>
      <translation>Die nächsten Wände nehmen nicht mehr als {change:.1f} dB vom Schall der Monitore.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The seat is at {share:.0f} % of the length: the first null.</source>
      <translation>Der Hörplatz ist bei {share:.0f} % der Länge: die erste Nullstelle.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The head is {back:.2f} m from the back wall.</source>
      <translation>Der Kopf ist {back:.2f} m von der hinteren Wand.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The seat is {off:.0f} cm off the room's middle line.</source>
      <translation>Der Hörplatz ist {off:.0f} cm neben der Mittellinie des Raums.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The side walls are of unlike material: reflections differ between the ears.</source>
      <translation>Die Seitenwände sind aus ungleichem Material: Reflexionen unterscheiden sich zwischen den Ohren.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The monitors stand straight on the desk: lift and decouple them, and the desk bounce moves down.</source>
      <translation>Die Monitore stehen direkt auf dem Tisch: heben und entkoppeln, und die Reflexion am Tisch wandert nach unten.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>To point at the ear they turn in unlike, {words}: the image leans.</source>
      <translation>Um auf das Ohr zu zeigen, sind sie ungleich eingedreht, {words}: das Bild lehnt.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>They point at the ear when turned in by {words}.</source>
      <translation>Sie zeigen auf das Ohr, wenn sie um {words} eingedreht sind.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>“{name}” stands between the monitors: it reflects into the image.</source>
      <translation>„{name}“ steht zwischen den Monitoren: es wirft Schall ins Bild.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>{id} arrives with the monitors, within {late_ms:.1f} ms.</source>
      <translation>{id} kommt mit den Monitoren an, innerhalb von {late_ms:.1f} ms.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>“{name}” lies between the {side} monitor and the ear: see that it is lower than the line of sight.</source>
      <translation>„{name}“ liegt zwischen dem Monitor {side} und dem Ohr: darauf achten, dass es unter der Sichtlinie bleibt.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>The seat “{name}” is between the monitors and the ear.</source>
      <translation>Der Hörplatz „{name}“ ist zwischen den Monitoren und dem Ohr.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>A {kind} on the {wall} side only: reflections differ between the ears.</source>
      <translation>{kind} nur auf der Seite {wall}: Reflexionen unterscheiden sich zwischen den Ohren.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>{id} arrives {late_ms:.1f} ms after the monitors: delay them by that, or move it nearer.</source>
      <translation>{id} kommt {late_ms:.1f} ms nach den Monitoren an: diese so lange verzögern, oder ihn näher stellen.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>{id} arrives {late_ms:.1f} ms before the monitors: delay it by that much more.</source>
      <translation>{id} kommt {late_ms:.1f} ms vor den Monitoren an: ihn um so viel mehr verzögern.</translation>
    </message>
    <message>
      <location filename="../../placement/checks.py" />
      <source>“{name}” stands {gap:.0f} cm beside a monitor: it shades and reflects on that side only.</source>
      <translation>„{name}“ steht {gap:.0f} cm neben einem Monitor: es beschattet und spiegelt nur auf dieser Seite.</translation>
    </message>
    <message>
      <location filename="../../placement/common_models.py" />
      <source>small, on a desk</source>
      <translation>klein, auf dem Tisch</translation>
    </message>
    <message>
      <location filename="../../placement/common_models.py" />
      <source>middle-sized</source>
      <translation>mittelgroß</translation>
    </message>
    <message>
      <location filename="../../placement/common_models.py" />
      <source>large, on the floor</source>
      <translation>groß, auf dem Boden</translation>
    </message>
    <message>
      <location filename="../../placement/common_models.py" />
      <source>small</source>
      <translation>klein</translation>
    </message>
    <message>
      <location filename="../../placement/common_models.py" />
      <source>large</source>
      <translation>groß</translation>
    </message>
    <message>
      <location filename="../../placement/evenness.py" />
      <source>The response covers {first:.0f} to {last:.0f} Hz; judging it needs {low_hz:.0f} to {high_hz:.0f} Hz.</source>
      <translation>Der Frequenzgang reicht von {first:.0f} bis {last:.0f} Hz; zum Beurteilen braucht es {low_hz:.0f} bis {high_hz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>Stands {base:.0f} cm high, heavy and filled; a soft layer between stand and cabinet, spikes only where the floor is stone. Feel the stand with a hand while a bass line plays: what shakes, sounds.</source>
      <translation>Ständer {base:.0f} cm hoch, schwer und gefüllt; eine weiche Lage zwischen Ständer und Gehäuse, Spitzen nur auf Stein. Den Ständer mit der Hand fühlen, während eine Basslinie läuft: was zittert, klingt.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>Strap what stands high, so that no child can tip it.</source>
      <translation>Festzurren, was hoch steht, damit kein Kind es kippen kann.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>A platform under a subwoofer or a floor-standing cabinet quietens a wooden floor, not the room: the modes stay. Concrete, slabs or a filled frame on a soft layer; measure with and without before you build it well.</source>
      <translation>Ein Podest unter einem Subwoofer oder einer Standbox beruhigt einen Holzboden, nicht den Raum: die Moden bleiben. Beton, Platten oder ein gefüllter Rahmen auf weicher Lage; mit und ohne messen, ehe man es gut baut.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>Decouple what plays from what carries it, so that desk, stand and floor keep still. It stops rattling and helps neighbours a little; it does not change where the room's modes lie or what a wall cancels.</source>
      <translation>Was spielt, von dem entkoppeln, was es trägt, damit Tisch, Ständer und Boden stillhalten. Das beendet Klappern und hilft Nachbarn ein wenig; es ändert nicht, wo die Moden liegen oder was eine Wand auslöscht.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>On stands</source>
      <translation>Auf Ständern</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>, no edge and no step where the baffle ends. But nothing can be moved again, and ports, heat and electronics need room. At home freedom to move outweighs it: the image cannot be mended later, the curve partly can.</source>
      <translation>, keine Kante und keine Stufe, wo die Schallwand endet. Aber nichts lässt sich mehr bewegen, und Öffnungen, Wärme und Elektronik brauchen Platz. Zu Hause überwiegt die Freiheit zu rücken: das Bild lässt sich später nicht richten, die Kurve teilweise.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>In the wall</source>
      <translation>In der Wand</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>Isolation</source>
      <translation>Entkopplung</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>They stand straight on the desk: the desk sings along, and its bounce lies low. Lift them by 15 cm or more on something heavy with a soft layer under the cabinet.</source>
      <translation>Sie stehen direkt auf dem Tisch: der Tisch singt mit, und seine Reflexion liegt tief. Um 15 cm oder mehr auf etwas Schweres heben, mit einer weichen Lage unter dem Gehäuse.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>They stand {gap:.0f} cm over the desk: put a soft layer under the cabinet, so that desk and lift do not sing along.</source>
      <translation>Sie stehen {gap:.0f} cm über dem Tisch: eine weiche Lage unter das Gehäuse, damit Tisch und Erhöhung nicht mitsingen.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>On the floor</source>
      <translation>Auf dem Boden</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>A soft layer under each cabinet keeps the floor quiet.</source>
      <translation>Eine weiche Lage unter jedem Gehäuse hält den Boden still.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>Flush in the wall there is no wall behind to cancel with</source>
      <translation>Bündig in der Wand gibt es keine Wand dahinter, die auslöscht</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>A platform</source>
      <translation>Ein Podest</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source>Heavy slabs: two people, and ask what the floor bears.</source>
      <translation>Schwere Platten: zwei Personen, und fragen, was der Boden trägt.</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <location filename="../../placement/schools.py" />
      <source>On the desk</source>
      <translation>Auf dem Tisch</translation>
    </message>
    <message>
      <location filename="../../placement/fixing.py" />
      <source> (here first near {first:.0f} Hz)</source>
      <translation> (hier zuerst nahe {first:.0f} Hz)</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>where it stands</source>
      <translation>wo er steht</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>front left corner</source>
      <translation>Ecke vorn links</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>front wall, middle</source>
      <translation>vordere Wand, Mitte</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>front right corner</source>
      <translation>Ecke vorn rechts</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>left wall, middle</source>
      <translation>linke Wand, Mitte</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>right wall, middle</source>
      <translation>rechte Wand, Mitte</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>back left corner</source>
      <translation>Ecke hinten links</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>back wall, middle</source>
      <translation>hintere Wand, Mitte</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <source>back right corner</source>
      <translation>Ecke hinten rechts</translation>
    </message>
    <message>
      <location filename="../../placement/floor_places.py" />
      <location filename="../../report/plan_drawing.py" />
      <source>{left} from the left, {front} from the front</source>
      <translation>{left} von links, {front} von vorn</translation>
    </message>
    <message>
      <location filename="../../placement/gathering.py" />
      <source>corner of {words_of} and {words_of2}</source>
      <translation>Ecke von {words_of} und {words_of2}</translation>
    </message>
    <message>
      <location filename="../../placement/gathering.py" />
      <source>middle of {words_of}</source>
      <translation>Mitte von {words_of}</translation>
    </message>
    <message>
      <location filename="../../placement/gathering.py" />
      <source>{words}, at the {level}</source>
      <translation>{words}, auf Höhe: {level}</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>There is no seat “{name}”; there is {known}.</source>
      <translation>Einen Hörplatz „{name}“ gibt es nicht; es gibt {known}.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>There is no loudspeaker “{name}”; there is {by_id}.</source>
      <translation>Einen Lautsprecher „{name}“ gibt es nicht; es gibt {by_id}.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>The layout gives “{loudspeaker}” two directions; give it one.</source>
      <translation>Die Anordnung gibt „{loudspeaker}“ zwei Richtungen; eine genügt.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>Two {what}s are named “{name}”; give each its own name.</source>
      <translation>Zweimal „{name}“ ({what}); jedem einen eigenen Namen geben.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>“{id}” names the model “{model}”, which the gear lacks.</source>
      <translation>„{id}“ nennt das Modell „{model}“, das den Geräten fehlt.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>A loudspeaker cannot be named “{id}”; that has a meaning already.</source>
      <translation>Ein Lautsprecher kann nicht „{id}“ heißen; das hat schon eine Bedeutung.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>“{id}” has the role {role}: the pair in front is named left and right, and nothing else is.</source>
      <translation>„{id}“ hat die Rolle {role}: das vordere Paar heißt left und right, und sonst nichts.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>Model “{id}”: {problem}</source>
      <translation>Modell „{id}“: {problem}</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>The pair in front is missing: a loudspeaker left and one right.</source>
      <translation>Das vordere Paar fehlt: ein Lautsprecher left und einer right.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>The layout places “{loudspeaker}”, which the gear lacks.</source>
      <translation>Die Anordnung stellt „{loudspeaker}“ auf, der den Geräten fehlt.</translation>
    </message>
    <message>
      <location filename="../../placement/gear.py" />
      <source>Left and right are of unlike models; give the pair one model.</source>
      <translation>Links und rechts sind verschiedene Modelle; dem Paar ein Modell geben.</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>deep bass and extension</source>
      <translation>Tiefbass und Tiefgang</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>upper-bass clarity</source>
      <translation>Klarheit im Oberbass</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>centre focus</source>
      <translation>Schärfe der Mitte</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>sense of space</source>
      <translation>Raumgefühl</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>tonal balance</source>
      <translation>Klangbalance</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>How low does it go, and is the lowest note as loud as its neighbours?</source>
      <translation>Wie tief geht es, und ist der tiefste Ton so laut wie seine Nachbarn?</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>Can you tell one bass note from the next, with its beginning and its end?</source>
      <translation>Lässt sich ein Basston vom nächsten unterscheiden, mit Anfang und Ende?</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>Does a voice in the middle stand in one place, no wider than a mouth?</source>
      <translation>Steht eine Stimme in der Mitte an einem Ort, nicht breiter als ein Mund?</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>How wide and how deep is the stage, and is there air round each player?</source>
      <translation>Wie breit und wie tief ist die Bühne, und ist Luft um jeden Spieler?</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>Does any part of the range stick out or hide?</source>
      <translation>Sticht ein Teil des Bereichs heraus oder versteckt sich?</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>Do loud and soft differ as they should, with nothing held back?</source>
      <translation>Unterscheiden sich laut und leise, wie sie sollen, ohne Zurückhaltung?</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>How does one chord decay into the next: does it run on, or stumble?</source>
      <translation>Wie klingt ein Akkord in den nächsten ab: läuft er weiter, oder stolpert er?</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>Graded on two pieces, “{piece}” and “{piece2}”: the difference may be theirs.</source>
      <translation>An zwei Stücken benotet, „{piece}“ und „{piece2}“: der Unterschied kann ihrer sein.</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>It is not known when each was graded: the ear forgets within minutes.</source>
      <translation>Es ist nicht bekannt, wann jede benotet wurde: das Ohr vergisst binnen Minuten.</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>Graded {long} apart: the ear forgets within minutes. Play the same piece in both places once more before you believe a small difference.</source>
      <translation>Im Abstand von {long} benotet: das Ohr vergisst binnen Minuten. Dasselbe Stück noch einmal an beiden Orten spielen, ehe man einem kleinen Unterschied glaubt.</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>{minutes:.0f} minutes</source>
      <translation>{minutes:.0f} Minuten</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <location filename="../../signals/weighting.py" />
      <source>{hours:.0f} hours</source>
      <translation>{hours:.0f} Stunden</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>{hours:.0f} days</source>
      <translation>{hours:.0f} Tagen</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>no grade</source>
      <translation>keine Note</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>{nearest_mark} of 5</source>
      <translation>{nearest_mark} von 5</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source> on “{piece}”</source>
      <translation> mit „{piece}“</translation>
    </message>
    <message>
      <location filename="../../placement/grading.py" />
      <source>all in all {shown}</source>
      <translation>alles in allem {shown}</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>{x} from the left wall, {y} from the front wall, {z} high</source>
      <translation>{x} von der linken Wand, {y} von der vorderen Wand, {z} hoch</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>Judged {low_hz:.0f} to {high_hz:.0f} Hz.</source>
      <translation>Beurteilt von {low_hz:.0f} bis {high_hz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>{name}: {sizes} wide, {sizes2} long, {sizes3} high.</source>
      <translation>{name}: {sizes} breit, {sizes2} lang, {sizes3} hoch.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>Hills</source>
      <translation>Hügel</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>Hollows</source>
      <translation>Senken</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>Arrangement: {name}.</source>
      <translation>Aufstellung: {name}.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>Ear at the {name}: {place_words}.</source>
      <translation>Ohr am Hörplatz {name}: {place_words}.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>{capital} in the {wall} wall: {start} from its end, {width} wide.</source>
      <translation>{capital} in der Wand {wall}: {start} von ihrem Ende, {width} breit.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>{capital}: {width} by {depth}, corner {place_words}.</source>
      <translation>{capital}: {width} mal {depth}, Ecke {place_words}.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>No {name} over 1 dB.</source>
      <translation>Nichts ({name}) über 1 dB.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>Desk: its front left corner {x} from the left wall, {y} from the front wall.</source>
      <translation>Tisch: seine vordere linke Ecke {x} von der linken Wand, {y} von der vorderen Wand.</translation>
    </message>
    <message>
      <location filename="../../placement/in_words.py" />
      <source>{level:+.1f} dB at {hertz:.0f} Hz</source>
      <translation>{level:+.1f} dB bei {hertz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../placement/items.py" />
      <source>{id} monitor</source>
      <translation>Monitor {id}</translation>
    </message>
    <message>
      <location filename="../../placement/items.py" />
      <source>seat {id}</source>
      <translation>Hörplatz {id}</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source>The target curve's frequencies do not ascend.</source>
      <translation>Die Frequenzen der Zielkurve steigen nicht.</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <location filename="../../vocabulary.py" />
      <source>flat</source>
      <translation>eben</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source>The judged band of {name} would be {low:.0f} to {high:.0f} Hz; it needs an octave at least.</source>
      <translation>Das beurteilte Band von {name} wäre {low:.0f} bis {high:.0f} Hz; es braucht mindestens eine Oktave.</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source>“{name}” says too little between 20 and 700 Hz to be a target.</source>
      <translation>„{name}“ sagt zwischen 20 und 700 Hz zu wenig, um ein Ziel zu sein.</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source>“{name}” varies by more than 60 dB; a target is a gentle curve.</source>
      <translation>„{name}“ schwankt um mehr als 60 dB; ein Ziel ist eine sanfte Kurve.</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source>the curve “{curve_name}”</source>
      <translation>die Kurve „{curve_name}“</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source>a slope of {slope} dB per octave</source>
      <translation>ein Gefälle von {slope} dB je Oktave</translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source> with </source>
      <translation> mit </translation>
    </message>
    <message>
      <location filename="../../placement/judging.py" />
      <source>from a file</source>
      <translation>aus einer Datei</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>{azimuth:.0f}° {azimuth2}</source>
      <translation>{azimuth:.0f}° {azimuth2}</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>three in front</source>
      <translation>drei vorn</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>ITU-R BS.775</source>
      <translation>ITU-R BS.775</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>ITU-R BS.775, BS.2051 0+5+0</source>
      <translation>ITU-R BS.775, BS.2051 0+5+0</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>ITU-R BS.2051 0+7+0</source>
      <translation>ITU-R BS.2051 0+7+0</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>five with four above</source>
      <translation>fünf mit vier oben</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>ITU-R BS.2051 4+5+0</source>
      <translation>ITU-R BS.2051 4+5+0</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>seven with four above</source>
      <translation>sieben mit vier oben</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>ITU-R BS.2051 4+7+0</source>
      <translation>ITU-R BS.2051 4+7+0</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>straight ahead</source>
      <translation>geradeaus</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>straight behind</source>
      <translation>gerade hinten</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>{name} left</source>
      <translation>{name} links</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>{name} right</source>
      <translation>{name} rechts</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>front height</source>
      <translation>vorn oben</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>rear height</source>
      <translation>hinten oben</translation>
    </message>
    <message>
      <location filename="../../placement/layouts.py" />
      <source>“{loudspeaker}” should have an {what} of {wanted:g}°, which lies outside its own range of {low:g} to {high:g}°.</source>
      <translation>„{loudspeaker}“ soll {what} {wanted:g}° haben, was außerhalb des eigenen Bereichs von {low:g} bis {high:g}° liegt.</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>left of the pair</source>
      <translation>links vom Paar</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>right of the pair</source>
      <translation>rechts vom Paar</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>two opposed</source>
      <translation>zwei gegenüber</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>firing down</source>
      <translation>nach unten</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>firing up</source>
      <translation>nach oben</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>on the floor</source>
      <translation>auf dem Boden</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>on a wall</source>
      <translation>an einer Wand</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>under the ceiling</source>
      <translation>unter der Decke</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>The {title} control goes from {low:g} to {high:g}</source>
      <translation>Der Regler {title} geht von {low:g} bis {high:g}</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>{goes}; its low end must not lie above its high end.</source>
      <translation>{goes}; sein unteres Ende darf nicht über dem oberen liegen.</translation>
    </message>
    <message>
      <location filename="../../placement/loudspeakers.py" />
      <source>{goes}; it must lie within {least:g} to {most:g}.</source>
      <translation>{goes}; er muss zwischen {least:g} und {most:g} liegen.</translation>
    </message>
    <message>
      <location filename="../../placement/maps.py" />
      <source>The {words} makes no sound; select a loudspeaker.</source>
      <translation>{words} macht keinen Klang; einen Lautsprecher auswählen.</translation>
    </message>
    <message>
      <location filename="../../placement/maps.py" />
      <source>The {words} does not play in “{name}”; let it play.</source>
      <translation>{words} spielt in „{name}“ nicht mit; mitspielen lassen.</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{low:.0f}° right to {high:.0f}° left</source>
      <translation>{low:.0f}° rechts bis {high:.0f}° links</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{low:.0f} to {high:.0f}° left</source>
      <translation>{low:.0f} bis {high:.0f}° links</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{high:.0f} to {low:.0f}° right</source>
      <translation>{high:.0f} bis {low:.0f}° rechts</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>The responses of {heard} have less than a quarter of an octave above {least_hz:.0f} Hz in common; levels cannot be matched.</source>
      <translation>Die Frequenzgänge von {heard} haben über {least_hz:.0f} Hz weniger als eine Viertel Oktave gemein; Pegel lassen sich nicht abgleichen.</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{name} comes from {side_words}; it should from {range}.</source>
      <translation>{name} kommt von {side_words}; es sollte {range} sein.</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{name} is {with_minus}° above the ear; {with_minus2} to {high:.0f}° is meant.</source>
      <translation>{name} ist {with_minus}° über dem Ohr; gemeint sind {with_minus2} bis {high:.0f}°.</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{name} cannot be moved: level and time can be matched, its direction not.</source>
      <translation>{name} lässt sich nicht bewegen: Pegel und Zeit lassen sich abgleichen, die Richtung nicht.</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>farther from the ear</source>
      <translation>weiter vom Ohr</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>nearer to the ear</source>
      <translation>näher am Ohr</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{name} stands {gap_metres} {where} than the pair.</source>
      <translation>{name} steht {gap_metres} {where} als das Paar.</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>gain {with_minus} dB</source>
      <translation>Pegel {with_minus} dB</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>delay {delay_ms:.2f} ms</source>
      <translation>Verzögerung {delay_ms:.2f} ms</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>Then set</source>
      <translation>Dann einstellen:</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>Set</source>
      <translation>Einstellen:</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{within:.0f} % of its band lies within {tolerance_db:.0f} dB of the target; worst {with_minus} dB at {worst_hz:.0f} Hz.</source>
      <translation>{within:.0f} % seines Bands liegen innerhalb von {tolerance_db:.0f} dB vom Ziel; am schlechtesten {with_minus} dB bei {worst_hz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../placement/matching.py" />
      <source>{name}: nothing to move, nothing to set.</source>
      <translation>{name}: nichts zu bewegen, nichts einzustellen.</translation>
    </message>
    <message>
      <location filename="../../placement/mixes.py" />
      <source>Both as set</source>
      <translation>Beide wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../placement/mixes.py" />
      <source>There is no mix “{mix_id}”; there is {known}.</source>
      <translation>Eine Mischung „{mix_id}“ gibt es nicht; es gibt {known}.</translation>
    </message>
    <message>
      <location filename="../../placement/mixes.py" />
      <source>Both and subs</source>
      <translation>Beide und Subs</translation>
    </message>
    <message>
      <location filename="../../placement/mixes.py" />
      <source>This gear has no subwoofer.</source>
      <translation>Diese Geräte haben keinen Subwoofer.</translation>
    </message>
    <message>
      <location filename="../../placement/mixes.py" />
      <source>All subs</source>
      <translation>Alle Subs</translation>
    </message>
    <message>
      <location filename="../../placement/mixes.py" />
      <source>All</source>
      <translation>Alle</translation>
    </message>
    <message>
      <location filename="../../placement/mode_facts.py" />
      <location filename="../../vocabulary.py" />
      <source>not driven</source>
      <translation>nicht angeregt</translation>
    </message>
    <message>
      <location filename="../../placement/mode_facts.py" />
      <source>not heard: the seat is in its quiet zone</source>
      <translation>nicht gehört: der Hörplatz ist in ihrer ruhigen Zone</translation>
    </message>
    <message>
      <location filename="../../placement/mode_facts.py" />
      <source>Modes crowd near {places} Hz: expect peaks there.</source>
      <translation>Moden drängen sich nahe {places} Hz: dort Spitzen erwarten.</translation>
    </message>
    <message>
      <location filename="../../placement/mode_facts.py" />
      <source>No mode between {a:.0f} and {b:.0f} Hz: expect that range to be thin.</source>
      <translation>Keine Mode zwischen {a:.0f} und {b:.0f} Hz: dieser Bereich dürfte dünn sein.</translation>
    </message>
    <message>
      <location filename="../../placement/mode_facts.py" />
      <source>The modes are spread evenly.</source>
      <translation>Die Moden sind gleichmäßig verteilt.</translation>
    </message>
    <message>
      <location filename="../../placement/mounting.py" />
      <source>{mounts}, {z} high</source>
      <translation>{mounts}, {z} hoch</translation>
    </message>
    <message>
      <location filename="../../placement/names.py" />
      <source>Search, {where}</source>
      <translation>Suche, {where}</translation>
    </message>
    <message>
      <location filename="../../placement/names.py" />
      <source>monitors {away:.2f} m</source>
      <translation>Monitore {away:.2f} m</translation>
    </message>
    <message>
      <location filename="../../placement/names.py" />
      <source>Search, moved, {where}</source>
      <translation>Suche, verschoben, {where}</translation>
    </message>
    <message>
      <location filename="../../placement/names.py" />
      <source>desk at wall</source>
      <translation>Tisch an der Wand</translation>
    </message>
    <message>
      <location filename="../../placement/names.py" />
      <source>{name}, moved</source>
      <translation>{name}, verschoben</translation>
    </message>
    <message>
      <location filename="../../placement/reflections.py" />
      <source>Loudspeakers beam: what leaves them sideways or backwards is less than is said here. Small rooms are easily over-treated: begin with the marked points, measure, and stop early. What hangs on a wall or ceiling is fixed by whoever may.</source>
      <translation>Lautsprecher bündeln: was sie seitwärts oder nach hinten abgeben, ist weniger, als hier steht. Kleine Räume sind leicht überbehandelt: mit den markierten Punkten beginnen, messen, früh aufhören. Was an Wand oder Decke hängt, befestigt, wer das darf.</translation>
    </message>
    <message>
      <location filename="../../placement/reflections.py" />
      <source>{y} from the front wall</source>
      <translation>{y} von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../placement/reflections.py" />
      <source>{x} from the left wall</source>
      <translation>{x} von der linken Wand</translation>
    </message>
    <message>
      <location filename="../../placement/reflections.py" />
      <source>{z} high</source>
      <translation>{z} hoch</translation>
    </message>
    <message>
      <location filename="../../placement/reflections.py" />
      <source>{kind} in the {words}</source>
      <translation>{kind} in {words}</translation>
    </message>
    <message>
      <location filename="../../placement/school_rules.py" />
      <source>0.9 m to each side wall leaves {side:.2f} m between the monitors; a triangle needs 0.80 m.</source>
      <translation>0,9 m zu jeder Seitenwand lassen {side:.2f} m zwischen den Monitoren; ein Dreieck braucht 0,80 m.</translation>
    </message>
    <message>
      <location filename="../../placement/school_rules.py" />
      <source>no triangle in the front 45 % of this room keeps floor, side and front distance 20 % apart.</source>
      <translation>kein Dreieck in den vorderen 45 % dieses Raums hält Abstände zu Boden, Seite und vorderer Wand 20 % auseinander.</translation>
    </message>
    <message>
      <location filename="../../placement/school_rules.py" />
      <source>there is no desk to stand on; enter one at Gear.</source>
      <translation>es gibt keinen Tisch, auf dem zu stehen wäre; bei „Geräte“ eintragen.</translation>
    </message>
    <message>
      <location filename="../../placement/school_rules.py" />
      <source>this survey faces the short wall ({width:.2f} m); turn the room at Survey to face the long one.</source>
      <translation>dieses Aufmaß schaut auf die kurze Wand ({width:.2f} m); den Raum beim Aufmaß drehen, um auf die lange zu schauen.</translation>
    </message>
    <message>
      <location filename="../../placement/school_rules.py" />
      <source>it needs the distances of your voice walk; enter them at Survey.</source>
      <translation>sie braucht die Abstände Ihres Stimmgangs; beim Aufmaß eintragen.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>common practice, no source</source>
      <translation>gängige Praxis, ohne Quelle</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>A third</source>
      <translation>Ein Drittel</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Seat one third of the room's length from the front wall, monitors a third of that.</source>
      <translation>Hörplatz ein Drittel der Raumlänge von der vorderen Wand, Monitore ein Drittel davon.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Thirty-eight</source>
      <translation>Achtunddreißig</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Seat at 38 % of the room's length, monitors at 38 % of the seat's distance.</source>
      <translation>Hörplatz bei 38 % der Raumlänge, Monitore bei 38 % dieser Strecke.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Tight to the wall</source>
      <translation>Dicht an der Wand</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Monitor backs against the front wall, bass lift taken down with the monitors' own trim; triangle 1.5 m a side.</source>
      <translation>Monitorrücken an der vorderen Wand, die Bassanhebung mit den Reglern der Monitore abgesenkt; Dreieck 1,5 m je Seite.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Small gap</source>
      <translation>Kleiner Abstand</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Monitor backs 15 cm off the front wall; triangle 1.5 m a side.</source>
      <translation>Monitorrücken 15 cm von der vorderen Wand; Dreieck 1,5 m je Seite.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Clear of the wall</source>
      <translation>Frei von der Wand</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Monitors 1.05 m from the front wall and at least 0.9 m from the side walls.</source>
      <translation>Monitore 1,05 m von der vorderen Wand und mindestens 0,9 m von den Seitenwänden.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Unequal distances</source>
      <translation>Ungleiche Abstände</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Distances to floor, side and front wall all differ, the middle one the geometric mean of the other two, spread as far as the room allows.</source>
      <translation>Abstände zu Boden, Seite und vorderer Wand alle verschieden, der mittlere das geometrische Mittel der anderen, so weit gespreizt, wie der Raum es zulässt.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Waterhouse 1955 and Allison 1974</source>
      <translation>Waterhouse 1955 und Allison 1974</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Desk against the front wall, monitors as far apart on it as it allows, ear at the third corner of the triangle.</source>
      <translation>Tisch an der vorderen Wand, Monitore darauf so weit auseinander, wie er erlaubt, das Ohr an der dritten Ecke des Dreiecks.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Facing the long wall</source>
      <translation>Blick auf die lange Wand</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Monitors a quarter of the depth from the long wall, side walls far away; triangle 1.5 m a side.</source>
      <translation>Monitore ein Viertel der Tiefe von der langen Wand, Seitenwände weit weg; Dreieck 1,5 m je Seite.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>Monitors two thirds of the way forward in the zone where the voice became just a voice, in its middle sideways.</source>
      <translation>Monitore zwei Drittel des Wegs nach vorn in der Zone, in der die Stimme bloß noch Stimme wurde, seitlich in deren Mitte.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>There is no school “{school_id}”; there is {join}.</source>
      <translation>Eine Schule „{school_id}“ gibt es nicht; es gibt {join}.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>{name}: {words} would be {problem}.</source>
      <translation>{name}: {words} wäre {problem}.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>{name}: its equilateral triangle needs {side:.2f} m between the monitors; this room leaves {widest:.2f} m.</source>
      <translation>{name}: ihr gleichseitiges Dreieck braucht {side:.2f} m zwischen den Monitoren; dieser Raum lässt {widest:.2f} m.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>{name}: the triangle would measure {side:.2f} m a side; near-field work wants {shortest_side:.1f} to {longest_side:.1f} m.</source>
      <translation>{name}: das Dreieck hätte {side:.2f} m je Seite; Nahfeldarbeit will {shortest_side:.1f} bis {longest_side:.1f} m.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>{name}: puts the monitors {monitors_y:.2f} m from the front wall; their cabinets need {needed:.2f} m.</source>
      <translation>{name}: stellt die Monitore {monitors_y:.2f} m von der vorderen Wand; ihre Gehäuse brauchen {needed:.2f} m.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>{name}: puts the seat {seat_y:.2f} m from the front wall; this room is {depth:.2f} m long and a head needs 0.30 m behind it.</source>
      <translation>{name}: stellt den Hörplatz {seat_y:.2f} m von der vorderen Wand; dieser Raum ist {depth:.2f} m lang, und ein Kopf braucht 0,30 m hinter sich.</translation>
    </message>
    <message>
      <location filename="../../placement/schools.py" />
      <source>{name}: the ceiling is lower than the listener's head.</source>
      <translation>{name}: die Decke ist niedriger als der Kopf des Hörers.</translation>
    </message>
    <message>
      <location filename="../../placement/search/first.py" />
      <source>No school can be met in this room.</source>
      <translation>In diesem Raum ist keine Schule erfüllbar.</translation>
    </message>
    <message>
      <location filename="../../placement/search/further_subs.py" />
      <source>no sub</source>
      <translation>kein Sub</translation>
    </message>
    <message>
      <location filename="../../placement/search/further_subs.py" />
      <source>{numbers}: {main_db:.1f} dB at the main seat</source>
      <translation>{numbers}: {main_db:.1f} dB am Haupthörplatz</translation>
    </message>
    <message>
      <location filename="../../placement/search/further_subs.py" />
      <source>, {every_db:.1f} dB over all seats</source>
      <translation>, {every_db:.1f} dB über alle Hörplätze</translation>
    </message>
    <message>
      <location filename="../../placement/search/further_subs.py" />
      <source>Add the subwoofer you think of in Gear: what one buys hangs on its model.</source>
      <translation>Den gedachten Subwoofer bei „Geräte“ eintragen: was einer bringt, hängt am Modell.</translation>
    </message>
    <message>
      <location filename="../../placement/search/further_subs.py" />
      <source>Number {useless} buys nothing that this model could tell.</source>
      <translation>Nummer {useless} bringt nichts, was dieses Modell erkennen könnte.</translation>
    </message>
    <message>
      <location filename="../../placement/search/further_subs.py" />
      <source>sub {n}</source>
      <translation>Sub {n}</translation>
    </message>
    <message>
      <location filename="../../placement/search/limits.py" />
      <source>way to the door</source>
      <translation>Weg zur Tür</translation>
    </message>
    <message>
      <location filename="../../placement/search/one_height.py" />
      <source>This room's field does not come apart along its axes.</source>
      <translation>Das Feld dieses Raums lässt sich nicht nach seinen Achsen trennen.</translation>
    </message>
    <message>
      <location filename="../../placement/search/prices.py" />
      <source>{told}{told2} costs {costs_db:.1f} dB</source>
      <translation>{told}{told2} kostet {costs_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../placement/search/prices.py" />
      <source>{told}{told2} costs nothing that can be told</source>
      <translation>{told}{told2} kostet nichts Erkennbares</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>{tenths} of 10 rooms that fit your takes would agree</source>
      <translation>{tenths} von 10 Räumen, die zu Ihren Messungen passen, stimmten zu</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>Every room that fits your takes would agree</source>
      <translation>Jeder Raum, der zu Ihren Messungen passt, stimmte zu</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>Hardly a room that fits your takes would agree</source>
      <translation>Kaum ein Raum, der zu Ihren Messungen passt, stimmte zu</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>The one place that these wishes leave; a looser wish leaves more.</source>
      <translation>Der eine Ort, den diese Wünsche lassen; ein lockerer Wunsch lässt mehr.</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>As even as the other best</source>
      <translation>So eben wie der andere beste</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>; gains: {gains}</source>
      <translation>; Gewinn: {gains}</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>; costs: {costs}</source>
      <translation>; Preis: {costs}</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source> Standing {shift:.2f} m further {side} would gain {gain:.1f} dB, at the price of unlike side walls.</source>
      <translation> {shift:.2f} m weiter {side} brächten {gain:.1f} dB, um den Preis ungleicher Seitenwände.</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source> Its settings gain {settings_gain_db:.1f} dB.</source>
      <translation> Seine Einstellungen bringen {settings_gain_db:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>5 cm off costs at most {off:.1f} dB; with the absorption guess wrong by half it changes by {guess:+.1f} dB.{symmetry}{settings}</source>
      <translation>5 cm daneben kosten höchstens {off:.1f} dB; ist die Absorption um die Hälfte falsch geschätzt, ändert es sich um {guess:+.1f} dB.{symmetry}{settings}</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>The most even over the head, by {gap:.1f} dB</source>
      <translation>Am ebensten über den Kopfraum, um {gap:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>{gap:.1f} dB less even over the head than the best</source>
      <translation>{gap:.1f} dB unebener über den Kopfraum als die beste</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>reaches {reach_hz:.0f} Hz instead of {reach_hz2:.0f}</source>
      <translation>reicht bis {reach_hz:.0f} Hz statt {reach_hz2:.0f}</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>{word} a misplaced centimetre more</source>
      <translation>{word} einen verrückten Zentimeter mehr</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>left and right match {word} well</source>
      <translation>links und rechts passen {word} gut zusammen</translation>
    </message>
    <message>
      <location filename="../../placement/search/proposals.py" />
      <source>things move {moved_metres:.1f} m instead of {moved_metres2:.1f}</source>
      <translation>bewegt wird {moved_metres:.1f} m statt {moved_metres2:.1f}</translation>
    </message>
    <message>
      <location filename="../../placement/search/refinement.py" />
      <source>Found</source>
      <translation>Gefunden</translation>
    </message>
    <message>
      <location filename="../../placement/search/refinement.py" />
      <source>Found by weighing every arrangement of the room.</source>
      <translation>Gefunden, indem jede Aufstellung des Raums abgewogen wurde.</translation>
    </message>
    <message>
      <location filename="../../placement/search/search.py" />
      <source>Nothing that fits was found; loosen a limit.</source>
      <translation>Nichts Passendes gefunden; eine Grenze lockern.</translation>
    </message>
    <message>
      <location filename="../../placement/search/space.py" />
      <source>A search step of {step:g} m makes no sense; give 0.005 to 0.2.</source>
      <translation>Ein Suchschritt von {step:g} m hat keinen Sinn; 0,005 bis 0,2 angeben.</translation>
    </message>
    <message>
      <location filename="../../placement/search/space.py" />
      <source>No triangle of monitors and seat fits into this room within these limits; loosen a limit or take away a keep-out area.</source>
      <translation>Kein Dreieck aus Monitoren und Hörplatz passt innerhalb dieser Grenzen in diesen Raum; eine Grenze lockern oder eine Sperrfläche wegnehmen.</translation>
    </message>
    <message>
      <location filename="../../placement/search/spread_tables.py" />
      <source>No head can be anywhere on this line; move the thing that is in its way.</source>
      <translation>Auf dieser Linie kann nirgends ein Kopf sein; den Gegenstand im Weg verschieben.</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>listening from no nearer</source>
      <translation>nicht näher zu hören</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>listening from no farther</source>
      <translation>nicht weiter weg zu hören</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>the triangle so nearly equilateral</source>
      <translation>das Dreieck so nahe am gleichseitigen</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>cabinets so far off the front wall</source>
      <translation>Gehäuse so weit von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>cabinets so far off the side walls</source>
      <translation>Gehäuse so weit von den Seitenwänden</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>so much room behind the head</source>
      <translation>so viel Raum hinter dem Kopf</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>stands so near the ear's height</source>
      <translation>Ständer so nahe an Ohrhöhe</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>the seat no farther back</source>
      <translation>der Hörplatz nicht weiter hinten</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>the monitors no farther out</source>
      <translation>die Monitore nicht weiter draußen</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>keeping off half the length</source>
      <translation>nicht auf halber Länge</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>the desk at the wall</source>
      <translation>der Tisch an der Wand</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>a clear way to the door</source>
      <translation>ein freier Weg zur Tür</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>the seat where it is</source>
      <translation>der Hörplatz, wo er ist</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>the monitors where they are</source>
      <translation>die Monitore, wo sie sind</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>Beyond what can be searched: {beyond}.</source>
      <translation>Jenseits dessen, was sich suchen lässt: {beyond}.</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>The nearest listening distance, {nearest:.2f} m, must be below the furthest, {furthest:.2f} m.</source>
      <translation>Der nächste Hörabstand, {nearest:.2f} m, muss unter dem weitesten, {furthest:.2f} m, liegen.</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>With seat and monitors kept where they stand there is nothing to search.</source>
      <translation>Bleiben Hörplatz und Monitore, wo sie stehen, gibt es nichts zu suchen.</translation>
    </message>
    <message>
      <location filename="../../placement/search/wishes.py" />
      <source>Draw the region for the subwoofer on the plan first.</source>
      <translation>Erst auf dem Plan den Bereich für den Subwoofer zeichnen.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>{title}: the null asks for {told_at}, the evenness of the whole band for {words}. The null looks at the crossover only; listen to both.</source>
      <translation>{title}: die Auslöschung verlangt {told_at}, die Ebenheit des ganzen Bands {words}. Die Auslöschung sieht nur den Übergang; beides hören.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>{told} with the polarity {inverted}</source>
      <translation>{told} mit Polarität {inverted}</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>at {crossover_hz:.0f} Hz</source>
      <translation>bei {crossover_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>Null, polarity reversed: {depth} as set</source>
      <translation>Auslöschung, Polarität umgekehrt: {depth}, wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>{off:.2f} m nearer than the monitors: a delay of {delay_ms:.1f} ms for it replaces moving it.</source>
      <translation>{off:.2f} m näher als die Monitore: eine Verzögerung von {delay_ms:.1f} ms dafür ersetzt das Verschieben.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>{title}: the null and the evenness of the whole agree, {words}.</source>
      <translation>{title}: Auslöschung und Ebenheit des Ganzen stimmen überein, {words}.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>{name} is heard from {distance_metres:.2f} m away, {place}</source>
      <translation>{name} ist aus {distance_metres:.2f} m zu hören, {place}</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>{now_db:.0f} dB deep</source>
      <translation>{now_db:.0f} dB tief</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>; deepest, {deepest_db:.0f} dB, at {title} {deepest_at}</source>
      <translation>; am tiefsten, {deepest_db:.0f} dB, bei {title} {deepest_at}</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>as far as the monitors: a delay would only harm.</source>
      <translation>so weit wie die Monitore: eine Verzögerung würde nur schaden.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>{off:.2f} m farther than the monitors: a delay of {delay_ms:.1f} ms for them replaces moving it.</source>
      <translation>{off:.2f} m weiter als die Monitore: eine Verzögerung von {delay_ms:.1f} ms für diese ersetzt das Verschieben.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>Its level {where} matches the pair's.</source>
      <translation>Sein Pegel {where} passt zu dem des Paars.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/alignment.py" />
      <source>Its level {where} lies {level:.0f} dB {way} the pair's.</source>
      <translation>Sein Pegel {where} liegt {level:.0f} dB {way} dem des Paars.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/as_set.py" />
      <source>{title} {frequency_hz:g} Hz ({words})</source>
      <translation>{title} {frequency_hz:g} Hz ({words})</translation>
    </message>
    <message>
      <location filename="../../placement/settings/as_set.py" />
      <source>{gain_db:+g} dB at {frequency_hz:g} Hz, Q {q:g}</source>
      <translation>{gain_db:+g} dB bei {frequency_hz:g} Hz, Q {q:g}</translation>
    </message>
    <message>
      <location filename="../../placement/settings/as_set.py" />
      <source>polarity reversed</source>
      <translation>Polarität umgekehrt</translation>
    </message>
    <message>
      <location filename="../../placement/settings/handing_over.py" />
      <source>The monitors are set to hand their bass over at {hertz:.0f} Hz, and nothing in Gear can do that: say there what does, or that they play their full range.</source>
      <translation>Die Monitore sind so eingestellt, dass sie ihren Bass bei {hertz:.0f} Hz abgeben, und nichts unter Geräte kann das: dort sagen, was es tut, oder dass sie ihren ganzen Bereich spielen.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/handing_over.py" />
      <source>Nothing keeps the bass from the monitors. Something that does (many subwoofers have outputs for it, many interfaces too) would bring {gain:.1f} dB more, at {hertz:.0f} Hz.</source>
      <translation>Nichts nimmt den Monitoren den Bass ab. Etwas, das es tut (viele Subwoofer haben Ausgänge dafür, viele Interfaces auch), brächte {gain:.1f} dB mehr, bei {hertz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/headroom.py" />
      <source>at {reference_db_spl:.0f} dB SPL at the seat</source>
      <translation>bei {reference_db_spl:.0f} dB SPL am Hörplatz</translation>
    </message>
    <message>
      <location filename="../../placement/settings/headroom.py" />
      <source>{name} gives out first: {at} it has {left_db:.0f} dB left near {at_hz:.0f} Hz.</source>
      <translation>{name} gibt zuerst auf: {at} bleiben ihm nahe {at_hz:.0f} Hz {left_db:.0f} dB.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/headroom.py" />
      <source>No sheet says how loud these loudspeakers can play: their headroom is unknown.</source>
      <translation>Kein Datenblatt sagt, wie laut diese Lautsprecher spielen können: ihre Reserve ist unbekannt.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/headroom.py" />
      <source>{name} gives out first: {at} it lacks {left_db:.0f} dB near {at_hz:.0f} Hz. Play lower, or turn it down.</source>
      <translation>{name} gibt zuerst auf: {at} fehlen ihm nahe {at_hz:.0f} Hz {left_db:.0f} dB. Leiser spielen, oder ihn zurückdrehen.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/knobs.py" />
      <source>low-pass kind</source>
      <translation>Art des Tiefpasses</translation>
    </message>
    <message>
      <location filename="../../placement/settings/knobs.py" />
      <source>high-pass kind</source>
      <translation>Art des Hochpasses</translation>
    </message>
    <message>
      <location filename="../../placement/settings/reverberation.py" />
      <source>Rings on for {told}: other modes are driven, none dies away faster; only absorption shortens them.</source>
      <translation>Klingt länger nach: {told}: andere Moden werden angeregt, keine klingt schneller ab; nur Absorption verkürzt sie.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/reverberation.py" />
      <source>{midband_hz:g} Hz {before} → {after} s</source>
      <translation>{midband_hz:g} Hz {before} → {after} s</translation>
    </message>
    <message>
      <location filename="../../placement/settings/reverberation.py" />
      <source>Rings on for {told}: settings hardly change it, absorption does.</source>
      <translation>Klingt nach: {told}: Einstellungen ändern es kaum, Absorption schon.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/shares.py" />
      <source>{name} idles while {loudest} does the work: it lies {below:.0f} dB below it from 10 to 40 Hz at this seat. Move it before any electronics.</source>
      <translation>{name} ruht, während {loudest} die Arbeit tut: er liegt an diesem Hörplatz von 10 bis 40 Hz {below:.0f} dB darunter. Verschieben, vor aller Elektronik.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/worth.py" />
      <source>{title} {before} → {after}: {alone}; without it the rest loses {without_db:.1f} dB.</source>
      <translation>{title} {before} → {after}: {alone}; ohne verliert der Rest {without_db:.1f} dB.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/worth.py" />
      <source>by itself {alone_db:.1f} dB more even</source>
      <translation>für sich {alone_db:.1f} dB ebener</translation>
    </message>
    <message>
      <location filename="../../placement/settings/worth.py" />
      <source>{title} was not raised: it would lift the hollow at {at:.0f} Hz, and no boost fills a cancellation.</source>
      <translation>{title} wurde nicht angehoben: es hübe die Senke bei {at:.0f} Hz, und keine Anhebung füllt eine Auslöschung.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/worth.py" />
      <source>by itself {alone_db:.1f} dB less even</source>
      <translation>für sich {alone_db:.1f} dB unebener</translation>
    </message>
    <message>
      <location filename="../../placement/settings/worth.py" />
      <source>by itself no gain</source>
      <translation>für sich kein Gewinn</translation>
    </message>
    <message>
      <location filename="../../placement/settings/worth.py" />
      <source>{title} ends at {words}; at {words2} it would be {gain:.1f} dB more even, which this control cannot.</source>
      <translation>{title} endet bei {words}; bei {words2} wäre es {gain:.1f} dB ebener, was dieser Regler nicht kann.</translation>
    </message>
    <message>
      <location filename="../../placement/settings/worth.py" />
      <source>{name} plays up to {frequency_hz:.0f} Hz: above about {told_apart_hz:.0f} Hz the ear may tell where a subwoofer stands; listen for it.</source>
      <translation>{name} spielt bis {frequency_hz:.0f} Hz: über etwa {told_apart_hz:.0f} Hz kann das Ohr erkennen, wo ein Subwoofer steht; darauf achten.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>in the way of “{name}”</source>
      <translation>im Weg von „{name}“</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>a door's swing</source>
      <translation>ein Türbereich</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>the keep-out area “{name}”</source>
      <translation>die Sperrfläche „{name}“</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>The {name} monitor</source>
      <translation>Der Monitor {name}</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>The subwoofer “{name}”</source>
      <translation>Der Subwoofer „{name}“</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>The loudspeaker “{name}”</source>
      <translation>Der Lautsprecher „{name}“</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>in a {name}</source>
      <translation>in: {name}</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>“{name}” cannot stand: {problems}</source>
      <translation>„{name}“ kann nicht stehen: {problems}</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>inside “{name}”</source>
      <translation>in „{name}“</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>{label} is outside the room.</source>
      <translation>{label} ist außerhalb des Raums.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>The seat “{name}” has no place in “{name2}”.</source>
      <translation>Der Hörplatz „{name}“ hat in „{name2}“ keinen Ort.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>{what} has no place in “{name}”.</source>
      <translation>{what} hat in „{name}“ keinen Ort.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>The subwoofers “{one}” and “{other}” stand in the same place.</source>
      <translation>Die Subwoofer „{one}“ und „{other}“ stehen am selben Ort.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>The seat “{n}”</source>
      <translation>Der Hörplatz „{n}“</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>{label} is inside “{name}”.</source>
      <translation>{label} ist in „{name}“.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>{label} stands in {area}.</source>
      <translation>{label} steht in: {area}.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>The {side} monitor is within 30 cm of the seat “{name}”.</source>
      <translation>Der Monitor {side} ist näher als 30 cm am Hörplatz „{name}“.</translation>
    </message>
    <message>
      <location filename="../../placement/standing.py" />
      <source>the {side} monitor</source>
      <translation>der Monitor {side}</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>What is shown is heard at “{seat}”</source>
      <translation>Gezeigt wird, was bei „{seat}“ gehört wird</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>There is no “{item}” in “{name}”.</source>
      <translation>„{item}“ gibt es in „{name}“ nicht.</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>The {words} has no room to slide between {low:.2f} and {high:.2f} m.</source>
      <translation>{words} hat zwischen {low:.2f} und {high:.2f} m keinen Platz zum Schieben.</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>There is no desk in “{name}”.</source>
      <translation>In „{name}“ gibt es keinen Tisch.</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>The desk has no room to slide.</source>
      <translation>Der Tisch hat keinen Platz zum Schieben.</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>“{name}” plays without the {words}</source>
      <translation>„{name}“ spielt ohne {words}</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>{words}: where {words2} stands changes nothing here.</source>
      <translation>{words}: wo {words2} steht, ändert hier nichts.</translation>
    </message>
    <message>
      <location filename="../../placement/strips.py" />
      <source>{words}: where it stands changes nothing here.</source>
      <translation>{words}: wo es steht, ändert hier nichts.</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>left monitor</source>
      <translation>linker Monitor</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>right monitor</source>
      <translation>rechter Monitor</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>middle of {id}</source>
      <translation>Mitte von {id}</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>from the {wall} wall</source>
      <translation>von der Wand {wall}</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>its base above the floor</source>
      <translation>sein Gehäuseboden über dem Fußboden</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>from the ear at {main}</source>
      <translation>vom Ohr bei {main}</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>front edge from the front wall</source>
      <translation>Vorderkante von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>left edge from the left wall</source>
      <translation>linke Kante von der linken Wand</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>{corner} corner, front wall</source>
      <translation>Ecke {corner}, vordere Wand</translation>
    </message>
    <message>
      <location filename="../../placement/tape.py" />
      <source>{corner} corner, {wall} wall</source>
      <translation>Ecke {corner}, Wand {wall}</translation>
    </message>
    <message>
      <location filename="../../placement/thing_effects.py" />
      <source>{much}: {change_db:.1f} dB</source>
      <translation>{much}: {change_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../placement/thing_effects.py" />
      <source>hardly matters: {change_db:.1f} dB</source>
      <translation>macht kaum etwas aus: {change_db:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../placement/thing_effects.py" />
      <source>matters much</source>
      <translation>macht viel aus</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>away from the front wall</source>
      <translation>weg von der vorderen Wand</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>towards the front wall</source>
      <translation>zur vorderen Wand hin</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>both monitors {w}</source>
      <translation>beide Monitore {w}</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>the {words} {w}</source>
      <translation>{words} {w}</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>the monitors aimed {aim_words}</source>
      <translation>die Monitore gerichtet: {aim_words}</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>nearer each other</source>
      <translation>näher zueinander</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>farther apart</source>
      <translation>weiter auseinander</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>both monitors {format_small} each {way}</source>
      <translation>beide Monitore je {format_small} {way}</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>{format_small} to the {dx}</source>
      <translation>{format_small} nach {dx}</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>the desk {w}</source>
      <translation>den Tisch {w}</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>the {name} {turned}</source>
      <translation>{name} {turned}</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>the desk put in</source>
      <translation>den Tisch hineingestellt</translation>
    </message>
    <message>
      <location filename="../../placement/what_moved.py" />
      <source>the desk taken out</source>
      <translation>den Tisch herausgenommen</translation>
    </message>
  </context>
  <context>
    <name>project</name>
    <message>
      <location filename="../../project/checked_edit.py" />
      <source>{one} and {other} would stand in one another; move one of them first</source>
      <translation>{one} und {other} stünden ineinander; zuerst eines davon verschieben</translation>
    </message>
    <message>
      <location filename="../../project/checked_edit.py" />
      <source>the {kind} would lie over the {other} of the {wall} wall; move one of them first</source>
      <translation>{kind} läge über {other} der Wand {wall}; zuerst eines davon verschieben</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>Arrangement “{name}”</source>
      <translation>Aufstellung „{name}“</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>{where} gives no place for the seat “{name}”.</source>
      <translation>{where} gibt keinen Ort für den Hörplatz „{name}“.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>none yet</source>
      <translation>noch keine</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>There is no arrangement “{name}”; there is {known}.</source>
      <translation>Eine Aufstellung „{name}“ gibt es nicht; es gibt {known}.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>Two arrangements are named “{name}”; give each its own name.</source>
      <translation>Zwei Aufstellungen heißen „{name}“; jeder einen eigenen Namen geben.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>The wishes for the search cannot be: {wrong}</source>
      <translation>Die Wünsche für die Suche gehen nicht: {wrong}</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>The chosen arrangement “{chosen}” does not exist.</source>
      <translation>Die gewählte Aufstellung „{chosen}“ gibt es nicht.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>{where} gives no place for the loudspeaker “{name}”.</source>
      <translation>{where} gibt keinen Ort für den Lautsprecher „{name}“.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>{where} places “{name}”, which the gear does not list.</source>
      <translation>{where} stellt „{name}“ auf, was die Geräte nicht nennen.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>Two takes have the id {name}.</source>
      <translation>Zwei Messungen haben die Kennung {name}.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>{id} is of {source} at {seat}, which the gear lacks.</source>
      <translation>{id} ist von {source} bei {seat}, was den Geräten fehlt.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>{id} does not name subwoofers of the gear that sounded.</source>
      <translation>{id} nennt keine Subwoofer der Geräte, die klangen.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>{id} was walked round the floor, but is of no subwoofer.</source>
      <translation>{id} wurde rundum am Boden gemacht, ist aber von keinem Subwoofer.</translation>
    </message>
    <message>
      <location filename="../../project/document.py" />
      <source>{id} and its impulse response do not belong together.</source>
      <translation>{id} und seine Impulsantwort gehören nicht zusammen.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>Voice walk from the wall {wall}: {stage_words} {metres:.0f} cm out.</source>
      <translation>Stimmgang von der Wand {wall}: {stage_words}, {metres:.0f} cm davor.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>just a voice from</source>
      <translation>bloß noch Stimme ab</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>changes again</source>
      <translation>ändert sich wieder</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>Bass hunt for the {wanted}: {loudspeaker} plays at {x:.2f}, {y:.2f}, {z:.2f} m.</source>
      <translation>Bassjagd nach {wanted}: {loudspeaker} spielt bei {x:.2f}, {y:.2f}, {z:.2f} m.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>“{name}” by ear: {what}</source>
      <translation>„{name}“ nach Gehör: {what}</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source> The calm zone is {front_near:.0f} to {front_far:.0f} cm from the wall behind, {side_near:.0f} to {side_far:.0f} cm from the side.</source>
      <translation> Die Ruhezone liegt {front_near:.0f} bis {front_far:.0f} cm von der Wand dahinter, {side_near:.0f} bis {side_far:.0f} cm von der Seite.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>Bass hunt: {heard} at {x:.2f}, {y:.2f} m.</source>
      <translation>Bassjagd: {heard} bei {x:.2f}, {y:.2f} m.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>Slow sweep by ear at the {seat}.</source>
      <translation>Langsamer Sweep nach Gehör am Hörplatz {seat}.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>Slow sweep: {hertz:.0f} Hz {heard}.</source>
      <translation>Langsamer Sweep: {hertz:.0f} Hz {heard}.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>No hunt is under way: begin one first.</source>
      <translation>Keine Jagd ist im Gang: erst eine beginnen.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>That place is outside the room, or in something that stands there.</source>
      <translation>Dieser Ort ist außerhalb des Raums, oder in etwas, das dort steht.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>No sweep is under way: begin one first.</source>
      <translation>Kein Sweep ist im Gang: erst einen beginnen.</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>Two-step placing</source>
      <translation>Aufstellen in zwei Schritten</translation>
    </message>
    <message>
      <location filename="../../project/ear_edits.py" />
      <source>There is no question “{key}” in the review.</source>
      <translation>Eine Frage „{key}“ gibt es in der Durchsicht nicht.</translation>
    </message>
    <message>
      <location filename="../../project/edits.py" />
      <source>Turned to face the wall that was at the left.</source>
      <translation>Gedreht, mit Blick auf die Wand, die links war.</translation>
    </message>
    <message>
      <location filename="../../project/edits.py" />
      <source>“{name}” is now called “{to}”.</source>
      <translation>„{name}“ heißt nun „{to}“.</translation>
    </message>
    <message>
      <location filename="../../project/edits.py" />
      <source>Survey of {name} changed.</source>
      <translation>Aufmaß von {name} geändert.</translation>
    </message>
    <message>
      <location filename="../../project/edits.py" />
      <source>“{name}” removed.</source>
      <translation>„{name}“ entfernt.</translation>
    </message>
    <message>
      <location filename="../../project/edits.py" />
      <source>“{name}” picked. {reason}</source>
      <translation>„{name}“ gewählt. {reason}</translation>
    </message>
    <message>
      <location filename="../../project/edits.py" />
      <source>An arrangement needs a name.</source>
      <translation>Eine Aufstellung braucht einen Namen.</translation>
    </message>
    <message>
      <location filename="../../project/edits.py" />
      <source>There is already an arrangement “{to}”; choose another name.</source>
      <translation>Eine Aufstellung „{to}“ gibt es schon; einen anderen Namen wählen.</translation>
    </message>
    <message>
      <location filename="../../project/exporting.py" />
      <source>{source} at {seat}</source>
      <translation>{source} bei {seat}</translation>
    </message>
    <message>
      <location filename="../../project/exporting.py" />
      <source>{folder} could not be written: {reason}.</source>
      <translation>{folder} ließ sich nicht schreiben: {reason}.</translation>
    </message>
    <message>
      <location filename="../../project/exporting.py" />
      <source>mean {name}</source>
      <translation>Mittel {name}</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name} was not saved, because it would read back otherwise: {found}.</source>
      <translation>{name} wurde nicht gespeichert, weil es sich anders zurückläse: {found}.</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name} was changed by another window or program since it was opened and was not overwritten; save under another name, or open it again.</source>
      <translation>{name} wurde seit dem Öffnen von einem anderen Fenster oder Programm geändert und nicht überschrieben; unter anderem Namen speichern, oder noch einmal öffnen.</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name}, line {lineno}: not valid JSON ({msg}).</source>
      <translation>{name}, Zeile {lineno}: kein gültiges JSON ({msg}).</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name} could not be read: it is not text.</source>
      <translation>{name} ließ sich nicht lesen: es ist kein Text.</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name} is no survey: it nests too deep or counts too far.</source>
      <translation>{name} ist kein Aufmaß: es ist zu tief geschachtelt oder zählt zu weit.</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name} was not saved, because it could not be read back: {error}</source>
      <translation>{name} wurde nicht gespeichert, weil es sich nicht zurücklesen ließe: {error}</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name} could not be saved: {reason}.</source>
      <translation>{name} ließ sich nicht speichern: {reason}.</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <location filename="../../signals/cells.py" />
      <source>it cannot be opened</source>
      <translation>es lässt sich nicht öffnen</translation>
    </message>
    <message>
      <location filename="../../project/files.py" />
      <source>{name} holds something this program could not read whole, so it was not overwritten; save under another name.</source>
      <translation>{name} enthält etwas, das dieses Programm nicht ganz lesen konnte, und wurde nicht überschrieben; unter anderem Namen speichern.</translation>
    </message>
    <message>
      <location filename="../../project/first_room.py" />
      <source>plasterboard</source>
      <translation>Gipskarton</translation>
    </message>
    <message>
      <location filename="../../project/first_room.py" />
      <source>plastered masonry</source>
      <translation>verputztem Mauerwerk</translation>
    </message>
    <message>
      <location filename="../../project/first_room.py" />
      <source>bare brick</source>
      <translation>blanken Ziegeln</translation>
    </message>
    <message>
      <location filename="../../project/first_room.py" />
      <source>concrete</source>
      <translation>Beton</translation>
    </message>
    <message>
      <location filename="../../project/first_room.py" />
      <source>A room from nine answers.</source>
      <translation>Ein Raum aus neun Antworten.</translation>
    </message>
    <message>
      <location filename="../../project/gear_edits.py" />
      <source>Gear changed.</source>
      <translation>Geräte geändert.</translation>
    </message>
    <message>
      <location filename="../../project/gear_edits.py" />
      <source>every arrangement</source>
      <translation>jede Aufstellung</translation>
    </message>
    <message>
      <location filename="../../project/gear_edits.py" />
      <source>{where}: {name} set, {words}.</source>
      <translation>{where}: {name} eingestellt, {words}.</translation>
    </message>
    <message>
      <location filename="../../project/gear_edits.py" />
      <source>{where}: {sub} plays up to {frequency_hz:.0f} Hz.</source>
      <translation>{where}: {sub} spielt bis {frequency_hz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../project/gear_edits.py" />
      <source>Something keeps the bass from the monitors.</source>
      <translation>Etwas nimmt den Monitoren den Bass ab.</translation>
    </message>
    <message>
      <location filename="../../project/gear_edits.py" />
      <source>Nothing keeps the bass from the monitors: they play their full range.</source>
      <translation>Nichts nimmt den Monitoren den Bass ab: sie spielen ihren ganzen Bereich.</translation>
    </message>
    <message>
      <location filename="../../project/gear_edits.py" />
      <source>“{sub}” is no subwoofer: only a subwoofer's range ends at a crossover.</source>
      <translation>„{sub}“ ist kein Subwoofer: nur dessen Bereich endet an einem Übergang.</translation>
    </message>
    <message>
      <location filename="../../project/history.py" />
      <source>Undone: {label}.</source>
      <translation>Zurückgenommen: {label}.</translation>
    </message>
    <message>
      <location filename="../../project/history.py" />
      <source>Done again: {label}.</source>
      <translation>Wiederhergestellt: {label}.</translation>
    </message>
    <message>
      <location filename="../../project/judging_edits.py" />
      <source>from {low} to {to_hz:.0f} Hz{takes}, against {words}</source>
      <translation>von {low} bis {to_hz:.0f} Hz{takes}, gegen {words}</translation>
    </message>
    <message>
      <location filename="../../project/judging_edits.py" />
      <source>the lowest corner</source>
      <translation>der untersten Grenze</translation>
    </message>
    <message>
      <location filename="../../project/judging_edits.py" />
      <source>{from_hz:.0f} Hz</source>
      <translation>{from_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../project/judging_edits.py" />
      <source>, takes to {takes_to_hz:.0f} Hz</source>
      <translation>, Messungen bis {takes_to_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../project/layout_edits.py" />
      <source>small two-way, for around the seat</source>
      <translation>kleine Zweiwege, für rundum</translation>
    </message>
    <message>
      <location filename="../../project/layout_edits.py" />
      <source>“{name}”, around the seat: {words}.</source>
      <translation>„{name}“, rund um den Hörplatz: {words}.</translation>
    </message>
    <message>
      <location filename="../../project/layout_edits.py" />
      <source>There is nothing to move around the seat: choose a layout in Gear, and say which of its loudspeakers may be moved.</source>
      <translation>Rund um den Hörplatz gibt es nichts zu bewegen: bei „Geräte“ eine Anordnung wählen und sagen, welche Lautsprecher bewegt werden dürfen.</translation>
    </message>
    <message>
      <location filename="../../project/layout_edits.py" />
      <source>None of the loudspeakers around the seat fits within its angles: the walls are too near, or something stands there. Widen their angles in Gear, or move the seat.</source>
      <translation>Keiner der Lautsprecher rundum passt in seine Winkel: die Wände sind zu nah, oder dort steht etwas. Die Winkel bei „Geräte“ weiten, oder den Hörplatz verschieben.</translation>
    </message>
    <message>
      <location filename="../../project/layout_edits.py" />
      <source>{loudspeaker} {after_db:.1f} dB from even</source>
      <translation>{loudspeaker} {after_db:.1f} dB uneben</translation>
    </message>
    <message>
      <location filename="../../project/layout_edits.py" />
      <source>“{id}” is a {role} already; rename it in Gear, then choose the layout.</source>
      <translation>„{id}“ ist schon {role}; bei „Geräte“ umbenennen, dann die Anordnung wählen.</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>Jolly Parlor {version}</source>
      <translation>Jolly Parlor {version}</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name} claims more content than any room has and was left untouched.</source>
      <translation>{file_name} behauptet mehr Inhalt, als ein Raum hat, und blieb unangetastet.</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name} holds two parts of one name and was left untouched.</source>
      <translation>{file_name} enthält zwei Teile desselben Namens und blieb unangetastet.</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name} does not say its {key}, so it was not read.</source>
      <translation>{file_name} sagt {key} nicht und wurde nicht gelesen.</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name} was written by a newer Jolly Parlor ({key} {version!s:.12}; this one reads up to {known}) and was left untouched; update the program to open it.</source>
      <translation>{file_name} wurde von einem neueren Jolly Parlor geschrieben ({key} {version!s:.12}; dieses liest bis {known}) und blieb unangetastet; zum Öffnen das Programm erneuern.</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name} was left untouched: {error}</source>
      <translation>{file_name} blieb unangetastet: {error}</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name} is damaged or cut off and was left untouched; open an earlier copy of it.</source>
      <translation>{file_name} ist beschädigt oder abgeschnitten und blieb unangetastet; eine frühere Kopie öffnen.</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>curves of {id}</source>
      <translation>Kurven von {id}</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name} was left untouched; its project.json has faults: {in_words}</source>
      <translation>{file_name} blieb unangetastet; sein project.json hat Fehler: {in_words}</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>{file_name}: the curve of take {id} is damaged; the file was left untouched.</source>
      <translation>{file_name}: die Kurve der Messung {id} ist beschädigt; die Datei blieb unangetastet.</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>what was heard</source>
      <translation>was gehört wurde</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>what Sign-off keeps</source>
      <translation>was die Abnahme behält</translation>
    </message>
    <message>
      <location filename="../../project/packing.py" />
      <source>what the takes have taught</source>
      <translation>was die Messungen gelehrt haben</translation>
    </message>
    <message>
      <location filename="../../project/signing.py" />
      <source>all alike</source>
      <translation>alle gleich</translation>
    </message>
    <message>
      <location filename="../../project/signing.py" />
      <source>each its own</source>
      <translation>jeder für sich</translation>
    </message>
    <message>
      <location filename="../../project/staging.py" />
      <source>pair as set</source>
      <translation>Paar wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../project/staging.py" />
      <source>all as set</source>
      <translation>alle wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../project/staging.py" />
      <source>{name} as set</source>
      <translation>{name} wie eingestellt</translation>
    </message>
    <message>
      <location filename="../../project/staging.py" />
      <source>The point “{point}” of the head at the {seat} lies beyond a wall or in a thing.</source>
      <translation>Der Punkt „{point}“ des Kopfs am Hörplatz {seat} liegt jenseits einer Wand oder in einem Gegenstand.</translation>
    </message>
    <message>
      <location filename="../../project/survey_edits.py" />
      <source>{x:.2f} m from the left, {y:.2f} m from the front</source>
      <translation>{x:.2f} m von links, {y:.2f} m von vorn</translation>
    </message>
    <message>
      <location filename="../../project/survey_edits.py" />
      <source>{width:.2f} by {depth:.2f} by {height:.2f} m</source>
      <translation>{width:.2f} mal {depth:.2f} mal {height:.2f} m</translation>
    </message>
    <message>
      <location filename="../../project/survey_edits.py" />
      <source>The listener faces the wall “{wall}”.</source>
      <translation>Der Hörer schaut auf die Wand „{wall}“.</translation>
    </message>
    <message>
      <location filename="../../project/survey_edits.py" />
      <source>“{name}” put in: {size}, {where}.</source>
      <translation>„{name}“ eingesetzt: {size}, {where}.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The {kind} in the {wall} wall</source>
      <translation>{kind} in der Wand {wall}</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>No wall stands in front: turn the plan so that one runs across the listener's view.</source>
      <translation>Vorn steht keine Wand: den Grundriss so drehen, dass eine quer zum Blick des Hörers läuft.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The plan has {plan} sides but {walls} walls are named.</source>
      <translation>Der Grundriss hat {plan} Seiten, aber {walls} Wände sind genannt.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>Width and length of the room must lie between 0.5 and 60 m.</source>
      <translation>Breite und Länge des Raums müssen zwischen 0,5 und 60 m liegen.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>Two walls are named “{name}”; give each its own name.</source>
      <translation>Zwei Wände heißen „{name}“; jeder einen eigenen Namen geben.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The calm zone's far edge from the front wall must lie beyond its near edge.</source>
      <translation>Der ferne Rand der Ruhezone von der vorderen Wand muss hinter ihrem nahen liegen.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The calm zone's side distances must grow and stay within half the width.</source>
      <translation>Die seitlichen Abstände der Ruhezone müssen wachsen und innerhalb der halben Breite bleiben.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <location filename="../../vocabulary.py" />
      <source>keep-out area</source>
      <translation>Sperrfläche</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The wall “{name}” is {edge_length:.0f} cm long; take it away.</source>
      <translation>Die Wand „{name}“ ist {edge_length:.0f} cm lang; wegnehmen.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>A wall cannot be called “{name}”; give it another name.</source>
      <translation>Eine Wand kann nicht „{name}“ heißen; einen anderen Namen geben.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>A sloped ceiling over slanted walls cannot be worked out; make the walls square or the ceiling flat.</source>
      <translation>Eine Dachschräge über schrägen Wänden lässt sich nicht ausrechnen; die Wände rechtwinklig oder die Decke eben machen.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The ceiling slopes both across and along the room; only slopes from one wall, or from two opposite ones, can be worked out.</source>
      <translation>Die Decke fällt quer und längs zum Raum ab; ausrechnen lassen sich nur Schrägen von einer Wand, oder von zwei gegenüberliegenden.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>Nothing is left to stand in: take things away or make them smaller.</source>
      <translation>Es bleibt nichts zum Stehen: Gegenstände wegnehmen oder verkleinern.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The {side} surface names the material “{material}”, which the table lacks; choose one of the table or give its absorption.</source>
      <translation>Die Fläche {side} nennt das Material „{material}“, das der Tabelle fehlt; eines der Tabelle wählen oder seine Absorption angeben.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>{what} is in a wall that the plan lacks.</source>
      <translation>{what} ist in einer Wand, die dem Grundriss fehlt.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>{what} names the material “{material}”, which the table lacks.</source>
      <translation>{what} nennt das Material „{material}“, das der Tabelle fehlt.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>{what} ends beyond the wall, which is {along:.2f} m long.</source>
      <translation>{what} endet jenseits der Wand, die {along:.2f} m lang ist.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>{what} ends above the ceiling, which is {height:.2f} m high.</source>
      <translation>{what} endet über der Decke, die {height:.2f} m hoch ist.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The ceiling slopes to the wall “{wall}”, which the plan lacks.</source>
      <translation>Die Decke fällt zur Wand „{wall}“ ab, die dem Grundriss fehlt.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The ceiling at the wall “{wall}” is {knee:.2f} m high; a slope begins lower than the room's {height:.2f} m.</source>
      <translation>Die Decke an der Wand „{wall}“ ist {knee:.2f} m hoch; eine Schräge beginnt niedriger als {height:.2f} m, die Höhe des Raums.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The thing “{name}” is higher than the room; lower it, or stand it lower.</source>
      <translation>Der Gegenstand „{name}“ ist höher als der Raum; kleiner machen oder tiefer stellen.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The {what} “{name}” reaches beyond the room.</source>
      <translation>{what} „{name}“ reicht über den Raum hinaus.</translation>
    </message>
    <message>
      <location filename="../../project/survey_problems.py" />
      <source>The thing “{name}” stands through a wall; move it or make it smaller.</source>
      <translation>Der Gegenstand „{name}“ steht durch eine Wand; verschieben oder verkleinern.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>{file_name}: {source} at {seat}, “{arrangement}”.</source>
      <translation>{file_name}: {source} bei {seat}, „{arrangement}“.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>{name}: {source} at {seat}, “{arrangement}”{where}, {word}.</source>
      <translation>{name}: {source} bei {seat}, „{arrangement}“{where}, {word}.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>, tried: {name}</source>
      <translation>, probiert: {name}</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>{take_id} is used although it is bad.</source>
      <translation>{take_id} wird verwendet, obwohl schlecht.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>Held to be valid still: {names}.</source>
      <translation>Weiter für gültig gehalten: {names}.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>{file_name} removed.</source>
      <translation>{file_name} entfernt.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>{take_ids} takes removed.</source>
      <translation>{take_ids} Messungen entfernt.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>There is no source “{source}”; there is {source_names}.</source>
      <translation>Eine Quelle „{source}“ gibt es nicht; es gibt {source_names}.</translation>
    </message>
    <message>
      <location filename="../../project/take_edits.py" />
      <source>That take is no longer in the document.</source>
      <translation>Diese Messung ist nicht mehr im Dokument.</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>the number of subwoofers</source>
      <translation>die Zahl der Subwoofer</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>the room's size or plan</source>
      <translation>Größe oder Grundriss des Raums</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>what lines a wall, floor or ceiling</source>
      <translation>was eine Wand, den Boden oder die Decke bedeckt</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>a window, door or passage</source>
      <translation>ein Fenster, eine Tür oder ein Durchgang</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>what stands in the room</source>
      <translation>was im Raum steht</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>the model of {name}</source>
      <translation>das Modell von {name}</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>the setting of {name}</source>
      <translation>die Einstellung von {name}</translation>
    </message>
    <message>
      <location filename="../../project/takes.py" />
      <source>the crossover of {name}</source>
      <translation>der Übergang von {name}</translation>
    </message>
    <message>
      <location filename="../../project/takes_aside.py" />
      <source>{count} take may no longer hold after this change: Takes asks. Undo brings it back.</source>
      <translation>{count} Messung gilt nach dieser Änderung vielleicht nicht mehr: Messungen fragt. Rückgängig holt sie zurück.</translation>
    </message>
    <message>
      <location filename="../../project/takes_aside.py" />
      <source>{count} takes may no longer hold after this change: Takes asks. Undo brings them back.</source>
      <translation>{count} Messungen gelten nach dieser Änderung vielleicht nicht mehr: Messungen fragt. Rückgängig holt sie zurück.</translation>
    </message>
    <message>
      <location filename="../../project/takes_aside.py" />
      <source>{count} take was made {far:.1f} cm away from here: it still teaches the fit, but no longer says how this is heard. Undo, or measure again.</source>
      <translation>{count} Messung wurde {far:.1f} cm von hier gemacht: sie lehrt die Anpassung noch, sagt aber nicht mehr, wie dies gehört wird. Rückgängig, oder neu messen.</translation>
    </message>
    <message>
      <location filename="../../project/takes_aside.py" />
      <source>{count} takes were made {far:.1f} cm away from here: they still teach the fit, but no longer say how this is heard. Undo, or measure again.</source>
      <translation>{count} Messungen wurden {far:.1f} cm von hier gemacht: sie lehren die Anpassung noch, sagen aber nicht mehr, wie dies gehört wird. Rückgängig, oder neu messen.</translation>
    </message>
  </context>
  <context>
    <name>report</name>
    <message>
      <location filename="../../report/card.py" />
      <source>Deepest dip, both monitors, {kind}: {deepest_hz:.0f} Hz, {deepest_db:.0f} dB. Likely cause: {deepest_cause}.</source>
      <translation>Tiefste Senke, beide Monitore, {kind}: {deepest_hz:.0f} Hz, {deepest_db:.0f} dB. Wahrscheinliche Ursache: {deepest_cause}.</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>Nothing is known of its dips: there is neither forecast nor take.</source>
      <translation>Über Senken ist nichts bekannt: es gibt weder Vorhersage noch Messung.</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>The front wall, {wall:.2f} m to the monitors' faces, heard from {heard:.2f} m, first cancels near {first:.0f} Hz (c / 4d).</source>
      <translation>Die Vorderwand, {wall:.2f} m bis zu den Fronten der Monitore, gehört ab {heard:.2f} m, löscht zuerst bei {first:.0f} Hz aus (c / 4d).</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>The forecast holds for 20 to 300 Hz and leaves {left_out} out.</source>
      <translation>Die Vorhersage gilt für 20 bis 300 Hz und lässt {left_out} aus.</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>Figures are smoothed over 1/{smoothing_per_octave} octave; lower is more even.</source>
      <translation>Zahlen sind über 1/{smoothing_per_octave} Oktave geglättet; niedriger ist ebener.</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>“{name}” cannot stand as placed: {problem}</source>
      <translation>„{name}“ kann so nicht stehen: {problem}</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>The room by eye: {words}</source>
      <translation>Der Raum nach Augenschein: {words}</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>No take of both monitors at this place yet: measure before you decide.</source>
      <translation>Noch keine Messung beider Monitore an diesem Ort: messen, ehe man entscheidet.</translation>
    </message>
    <message>
      <location filename="../../report/card.py" />
      <source>{stale} older takes were made at other places and are not used.</source>
      <translation>{stale} ältere Messungen wurden an anderen Orten gemacht und werden nicht verwendet.</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <source>Turn the left monitor in by {left:.0f}° and the right by {right:.0f}°: aimed {aim}.</source>
      <translation>Den linken Monitor um {left:.0f}° und den rechten um {right:.0f}° eindrehen: gerichtet {aim}.</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <source>{name}: a card is written as .pdf or .html; choose one.</source>
      <translation>{name}: eine Karte wird als .pdf oder .html geschrieben; eines wählen.</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <source>Width × length × height: {size}</source>
      <translation>Breite × Länge × Höhe: {size}</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <location filename="../../report/templates/card.html" />
      <source>How even</source>
      <translation>Wie eben</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <location filename="../../report/templates/card.html" />
      <source>Monitors are measured at the acoustic centre on their front.</source>
      <translation>Monitore werden am akustischen Zentrum auf ihrer Front gemessen.</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/templates/card.html" />
      <source>What this card cannot promise</source>
      <translation>Was diese Karte nicht versprechen kann</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/templates/card.html" />
      <source>feet and inches</source>
      <translation>Fuß und Zoll</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/templates/card.html" />
      <source>from even, dB</source>
      <translation>uneben, dB</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <source>{low_hz:.0f}–{high_hz:.0f} Hz</source>
      <translation>{low_hz:.0f}–{high_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <location filename="../../report/templates/card.html" />
      <source>By ear and by eye</source>
      <translation>Nach Gehör und Augenschein</translation>
    </message>
    <message>
      <location filename="../../report/card_file.py" />
      <location filename="../../report/full.py" />
      <location filename="../../report/templates/card.html" />
      <source>How it came about</source>
      <translation>Wie es dazu kam</translation>
    </message>
    <message>
      <location filename="../../report/curve_drawing.py" />
      <source>Hz; dB from even</source>
      <translation>Hz; dB uneben</translation>
    </message>
    <message>
      <location filename="../../report/elevation_drawing.py" />
      <source>{far} from the {end}, {high} high</source>
      <translation>{far} vom Ende {end}, {high} hoch</translation>
    </message>
    <message>
      <location filename="../../report/elevation_drawing.py" />
      <source>{side} side, seen from inside · {size} · 1:{ratio}</source>
      <translation>Seite {side}, von innen gesehen · {size} · 1:{ratio}</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>to tick</source>
      <translation>abzuhaken</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>to do</source>
      <translation>zu tun</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>Plan and elevations</source>
      <translation>Grundriss und Wandansichten</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>Crosses are first reflections, numbered as in the list below; ringed where they come too early and too loud.</source>
      <translation>Kreuze sind erste Reflexionen, nummeriert wie in der Liste unten; umrandet, wo sie zu früh und zu laut kommen.</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>{frequency_hz:g} Hz</source>
      <translation>{frequency_hz:g} Hz</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>filled: measured</source>
      <translation>gefüllt: gemessen</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>line: forecast</source>
      <translation>Linie: Vorhersage</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>filled: forecast</source>
      <translation>gefüllt: Vorhersage</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>All that plays at the main seat</source>
      <translation>Alles, was am Haupthörplatz spielt</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>The line of {loudspeaker} through the head meets the {surface}.</source>
      <translation>Die Linie von {loudspeaker} durch den Kopf trifft: {surface}.</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>What remains after placing, in order of harm:</source>
      <translation>Was nach dem Aufstellen bleibt, nach Schaden geordnet:</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>First reflections at {seat}; those marked * come within {early_seconds:.0f} ms above {with_minus} dB of the direct sound, 1 to 4 kHz, which listening rooms should avoid (ITU-R BS.1116-3, EBU Tech 3276; from memory).</source>
      <translation>Erste Reflexionen bei {seat}; mit * markierte kommen innerhalb von {early_seconds:.0f} ms über {with_minus} dB gegen den Direktschall, 1 bis 4 kHz, was Hörräume vermeiden sollten (ITU-R BS.1116-3, EBU Tech 3276; aus dem Gedächtnis).</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>What this report cannot promise</source>
      <translation>Was dieser Bericht nicht versprechen kann</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>{side} side</source>
      <translation>Seite {side}</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>{gain_db:+.1f} dB</source>
      <translation>{gain_db:+.1f} dB</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>Equaliser, cuts only</source>
      <translation>Equalizer, nur Absenkungen</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>{midband_hz:.0f} Hz</source>
      <translation>{midband_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>{seconds:.2f} s</source>
      <translation>{seconds:.2f} s</translation>
    </message>
    <message>
      <location filename="../../report/full.py" />
      <source>third of an octave</source>
      <translation>Terz</translation>
    </message>
    <message>
      <location filename="../../report/plan_drawing.py" />
      <source>facing: {name} wall ({material})</source>
      <translation>Blick auf: Wand {name} ({material})</translation>
    </message>
    <message>
      <location filename="../../report/plan_drawing.py" />
      <source>1 m at 1:{ratio}</source>
      <translation>1 m bei 1:{ratio}</translation>
    </message>
    <message>
      <location filename="../../report/plan_drawing.py" />
      <source>front wall ({material})</source>
      <translation>vordere Wand ({material})</translation>
    </message>
    <message>
      <location filename="../../report/report_file.py" />
      <source>{name}: a report is written as .pdf or .html; choose one.</source>
      <translation>{name}: ein Bericht wird als .pdf oder .html geschrieben; eines wählen.</translation>
    </message>
  </context>
  <context>
    <name>signals</name>
    <message>
      <location filename="../../signals/calibration.py" />
      <source>{} holds fewer than two lines of frequency and level; a calibration file has one for each of many frequencies.</source>
      <translation>{} hat weniger als zwei Zeilen mit Frequenz und Pegel; eine Kalibrierdatei hat eine für jede von vielen Frequenzen.</translation>
    </message>
    <message>
      <location filename="../../signals/calibration.py" />
      <source>{name}, line {lines}: {curves} curves in one calibration file; keep the one that was used.</source>
      <translation>{name}, Zeile {lines}: {curves} Kurven in einer Kalibrierdatei; die benutzte behalten.</translation>
    </message>
    <message>
      <location filename="../../signals/calibration.py" />
      <source>{name}, line {lines}: a microphone that is {level:g} dB off at {f:g} Hz cannot be; is this a response instead of a calibration?</source>
      <translation>{name}, Zeile {lines}: ein Mikrofon, das bei {f:g} Hz um {level:g} dB daneben liegt, kann nicht sein; ist das ein Frequenzgang statt einer Kalibrierung?</translation>
    </message>
    <message>
      <location filename="../../signals/cells.py" />
      <source>{name} has {count} lines, which are not all numbers alike; {most} such lines can be read: export fewer points.</source>
      <translation>{name} hat {count} Zeilen, die nicht alle gleich geschriebene Zahlen sind; {most} solche lassen sich lesen: weniger Punkte exportieren.</translation>
    </message>
    <message>
      <location filename="../../signals/cells.py" />
      <source>{name}, line {line}: not a text file; export the response as text and try again.</source>
      <translation>{name}, Zeile {line}: keine Textdatei; den Frequenzgang als Text exportieren und noch einmal versuchen.</translation>
    </message>
    <message>
      <location filename="../../signals/cells.py" />
      <source>{name} could not be read: there is no such file.</source>
      <translation>{name} ließ sich nicht lesen: eine solche Datei gibt es nicht.</translation>
    </message>
    <message>
      <location filename="../../signals/cells.py" />
      <source>{name}, line {commas}: “{commas2}” here and “{points}” in line {points2}: comma and point cannot both be decimal signs; write one of them.</source>
      <translation>{name}, Zeile {commas}: hier „{commas2}“ und in Zeile {points2} „{points}“: Komma und Punkt können nicht beide Dezimalzeichen sein; eines davon schreiben.</translation>
    </message>
    <message>
      <location filename="../../signals/cells.py" />
      <source>{name}, line {at}: “{cell}” does not fit the decimal “{decimal}” of line {number}: commas both inside and between numbers cannot be told apart; save it with semicolons between the columns.</source>
      <translation>{name}, Zeile {at}: „{cell}“ passt nicht zum Dezimalzeichen von „{decimal}“ in Zeile {number}: Kommas in und zwischen Zahlen lassen sich nicht unterscheiden; mit Semikolon zwischen den Spalten speichern.</translation>
    </message>
    <message>
      <location filename="../../signals/cells.py" />
      <source>{name}, line {number}: “{mark}” stands for thousands in the frequencies and for decimals here; write the frequencies without thousands.</source>
      <translation>{name}, Zeile {number}: „{mark}“ steht in den Frequenzen für Tausender und hier für Dezimalen; die Frequenzen ohne Tausenderzeichen schreiben.</translation>
    </message>
    <message>
      <location filename="../../signals/cells.py" />
      <source>{name} is cut off or not a text file.</source>
      <translation>{name} ist abgeschnitten oder keine Textdatei.</translation>
    </message>
    <message>
      <location filename="../../signals/clocks.py" />
      <source>The markers are {there:.3f} s apart, not {wanted:.3f} s: parts are missing, or another file was played.</source>
      <translation>Die Marken liegen {there:.3f} s auseinander, nicht {wanted:.3f} s: es fehlen Teile, oder es wurde eine andere Datei gespielt.</translation>
    </message>
    <message>
      <location filename="../../signals/clocks.py" />
      <source>No marker could be told from the noise: play louder, or make it quieter.</source>
      <translation>Keine Marke war vom Geräusch zu unterscheiden: lauter spielen oder für Ruhe sorgen.</translation>
    </message>
    <message>
      <location filename="../../signals/clocks.py" />
      <source>Only one marker was recorded: keep recording until the last has been heard.</source>
      <translation>Nur eine Marke wurde aufgenommen: weiter aufnehmen, bis die letzte zu hören war.</translation>
    </message>
    <message>
      <location filename="../../signals/clocks.py" />
      <source>The recording lasts {there:.1f} s; from marker to marker are {wanted:.1f} s.</source>
      <translation>Die Aufnahme dauert {there:.1f} s; von Marke zu Marke sind es {wanted:.1f} s.</translation>
    </message>
    <message>
      <location filename="../../signals/decay.py" />
      <source>{midband_hz:.0f} Hz: {seconds:.2f} s ({kind})</source>
      <translation>{midband_hz:.0f} Hz: {seconds:.2f} s ({kind})</translation>
    </message>
    <message>
      <location filename="../../signals/decay.py" />
      <source>{midband_hz:.0f} Hz: only {range_db:.0f} dB above the noise</source>
      <translation>{midband_hz:.0f} Hz: nur {range_db:.0f} dB über dem Rauschen</translation>
    </message>
    <message>
      <location filename="../../signals/gating.py" />
      <source>The {name} goes from {least:g} to {most:g} {unit}.</source>
      <translation>{name} geht von {least:g} bis {most:g} {unit}.</translation>
    </message>
    <message>
      <location filename="../../signals/importing.py" />
      <source>Impulse response, {size:.2f} s at {rate} Hz.</source>
      <translation>Impulsantwort, {size:.2f} s bei {rate} Hz.</translation>
    </message>
    <message>
      <location filename="../../signals/importing.py" />
      <source>{name} has {count} channel; there is no number {channel}.</source>
      <translation>{name} hat {count} Kanal; eine Nummer {channel} gibt es nicht.</translation>
    </message>
    <message>
      <location filename="../../signals/importing.py" />
      <source>{name} has {count} channels; there is no number {channel}.</source>
      <translation>{name} hat {count} Kanäle; eine Nummer {channel} gibt es nicht.</translation>
    </message>
    <message>
      <location filename="../../signals/importing.py" />
      <location filename="../../signals/recorded_sweeps.py" />
      <source>{name}, channel {channel}: nothing but silence.</source>
      <translation>{name}, Kanal {channel}: nichts als Stille.</translation>
    </message>
    <message>
      <location filename="../../signals/importing.py" />
      <source>Of it {before:g} s before the arrival and {after:g} s after it are kept.</source>
      <translation>Davon bleiben {before:g} s vor der Ankunft und {after:g} s danach.</translation>
    </message>
    <message>
      <location filename="../../signals/importing.py" />
      <source>Channel {channel} of {channels}.</source>
      <translation>Kanal {channel} von {channels}.</translation>
    </message>
    <message>
      <location filename="../../signals/importing.py" />
      <source>{name}: only {rest:.0f} ms follow the arrival at {arrival:.2f} s; an impulse response of a room needs a tenth of a second at least.</source>
      <translation>{name}: nach der Ankunft bei {arrival:.2f} s folgen nur {rest:.0f} ms; eine Impulsantwort eines Raums braucht mindestens eine Zehntelsekunde.</translation>
    </message>
    <message>
      <location filename="../../signals/impulse.py" />
      <source>The recording lasts {size:.1f} s; its sweep takes {size2:.1f} s. Record to the end of the sweep and a second more.</source>
      <translation>Die Aufnahme dauert {size:.1f} s; ihr Sweep braucht {size2:.1f} s. Bis zum Ende des Sweeps und eine Sekunde länger aufnehmen.</translation>
    </message>
    <message>
      <location filename="../../signals/impulse.py" />
      <source>Both gates must be longer than zero.</source>
      <translation>Beide Fenster müssen länger als null sein.</translation>
    </message>
    <message>
      <location filename="../../signals/looping.py" />
      <source>It is shorter than a second; give a piece of one second or more.</source>
      <translation>Es ist kürzer als eine Sekunde; ein Stück von mindestens einer Sekunde geben.</translation>
    </message>
    <message>
      <location filename="../../signals/loudness.py" />
      <source>{shape:.0f} ms are too short to have a loudness; {block_seconds:.0f} ms at least are needed.</source>
      <translation>{shape:.0f} ms sind zu kurz für eine Lautheit; mindestens {block_seconds:.0f} ms sind nötig.</translation>
    </message>
    <message>
      <location filename="../../signals/loudness.py" />
      <source>The programme is silent: it has no loudness.</source>
      <translation>Das Programm ist still: es hat keine Lautheit.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} holds values that are no numbers; save it anew.</source>
      <translation>{name} enthält Werte, die keine Zahlen sind; neu speichern.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source> from {from_seconds:g} s on</source>
      <translation> ab {from_seconds:g} s</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} is silent{where}; choose another piece or moment.</source>
      <translation>{name} ist still{where}; ein anderes Stück oder eine andere Stelle wählen.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} has one channel: both loudspeakers play it.</source>
      <translation>{name} hat einen Kanal: beide Lautsprecher spielen ihn.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} is clipped in {count} place: what breaks up there is in the recording, not in the room.</source>
      <translation>{name} ist an {count} Stelle übersteuert: was dort aufbricht, ist in der Aufnahme, nicht im Raum.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} is clipped in {count} places: what breaks up there is in the recording, not in the room.</source>
      <translation>{name} ist an {count} Stellen übersteuert: was dort aufbricht, ist in der Aufnahme, nicht im Raum.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{from_seconds:g} to {end:g} s of {whole:.0f} s go round.</source>
      <translation>{from_seconds:g} bis {end:g} s von {whole:.0f} s laufen im Kreis.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{rate} Hz, resampled to {sample_rate} Hz.</source>
      <translation>{rate} Hz, umgerechnet auf {sample_rate} Hz.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} is neither WAV nor FLAC; save it as one of these.</source>
      <translation>{name} ist weder WAV noch FLAC; als eines davon speichern.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>There is no file {path}.</source>
      <translation>Eine Datei {path} gibt es nicht.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} could not be read as WAV or FLAC: {error}</source>
      <translation>{name} ließ sich nicht als WAV oder FLAC lesen: {error}</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} has {rate} samples a second; {rates_hz} to {rates_hz2} can be played.</source>
      <translation>{name} hat {rate} Abtastwerte je Sekunde; {rates_hz} bis {rates_hz2} lassen sich spielen.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} has {channels} channels; give one with one or two.</source>
      <translation>{name} hat {channels} Kanäle; eines mit einem oder zwei geben.</translation>
    </message>
    <message>
      <location filename="../../signals/own_piece.py" />
      <source>{name} lasts {whole:.1f} s; begin a second or more before its end.</source>
      <translation>{name} dauert {whole:.1f} s; eine Sekunde oder mehr vor dem Ende beginnen.</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>There is no signal “{name}”; there is {programmes}.</source>
      <translation>Ein Signal „{name}“ gibt es nicht; es gibt {programmes}.</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>“{id}” has no range to choose.</source>
      <translation>„{id}“ hat keinen Bereich zur Wahl.</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>{seconds:g} seconds cannot be: {shortest_seconds:g} to {longest_seconds:g}.</source>
      <translation>{seconds:g} Sekunden gehen nicht: {shortest_seconds:g} bis {longest_seconds:g}.</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>From {low_hz:g} to {high_hz:g} Hz cannot be: it must rise, between 5 and 20000 Hz.</source>
      <translation>Von {low_hz:g} bis {high_hz:g} Hz geht nicht: es muss steigen, zwischen 5 und 20000 Hz.</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Bass line</source>
      <translation>Basslinie</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>walk with it and listen for notes that boom or are missing</source>
      <translation>mitgehen und auf Töne hören, die dröhnen oder fehlen</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Stepped tones</source>
      <translation>Stufentöne</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>every semitone from E1 to E3, a second each, all equally loud</source>
      <translation>jeder Halbton von E1 bis E3, je eine Sekunde, alle gleich laut</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>{low_hz:.0f} to {high_hz:.0f} Hz in {seconds:.0f} seconds</source>
      <translation>{low_hz:.0f} bis {high_hz:.0f} Hz in {seconds:.0f} Sekunden</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Pink noise</source>
      <translation>Rosa Rauschen</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>equal power in every octave, third octaves within ±{pink_tolerance_db:g} dB</source>
      <translation>gleiche Leistung in jeder Oktave, Terzen innerhalb von ±{pink_tolerance_db:g} dB</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Mid-band noise</source>
      <translation>Rauschen der Mitten</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>500 to 2000 Hz, the same on both sides: for the middle and for level</source>
      <translation>500 bis 2000 Hz, auf beiden Seiten gleich: für Mitte und Pegel</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Mono noise</source>
      <translation>Monorauschen</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>200 Hz to 8 kHz, the same on both sides: move the head and hear the comb slide</source>
      <translation>200 Hz bis 8 kHz, auf beiden Seiten gleich: den Kopf bewegen und den Kamm gleiten hören</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Mono noise, right side reversed</source>
      <translation>Monorauschen, rechte Seite umgekehrt</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>what wrong polarity sounds like: know it</source>
      <translation>wie falsche Polarität klingt: kennenlernen</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>A short piece</source>
      <translation>Ein kurzes Stück</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>bass in the middle, chords at both sides, a tune that walks from left to right</source>
      <translation>Bass in der Mitte, Akkorde an beiden Seiten, eine Melodie, die von links nach rechts geht</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Kick and bass</source>
      <translation>Bassdrum und Bass</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>sixteen beats: does every note of the bass stand as firm as the kick</source>
      <translation>sechzehn Schläge: steht jeder Basston so fest wie der Schlag</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Chamber strings</source>
      <translation>Streicher</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>three slow voices from C2 up: warmth, and notes that stay behind</source>
      <translation>drei langsame Stimmen ab C2 aufwärts: Wärme, und Töne, die zurückbleiben</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>Voice-like vowels</source>
      <translation>Stimmartige Vokale</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>a spoken pitch through formants: what a desk or a wall does to a voice</source>
      <translation>eine gesprochene Tonhöhe durch Formanten: was ein Tisch oder eine Wand mit einer Stimme macht</translation>
    </message>
    <message>
      <location filename="../../signals/programme.py" />
      <source>“{id}” is as it is: it has no length or range to choose.</source>
      <translation>„{id}“ ist, wie es ist: es hat keine Länge und keinen Bereich zur Wahl.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>No timing reference</source>
      <translation>Kein Zeitbezug</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>A hum at {hertz:.0f} Hz is only {above:.0f} dB below the sweep: have everything at one socket, chargers and dimmers unplugged, and measure again.</source>
      <translation>Ein Brummen bei {hertz:.0f} Hz liegt nur {above:.0f} dB unter dem Sweep: alles an eine Steckdose, Ladegeräte und Dimmer ausstecken, und noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>The sound came from {measured_metres:.2f} m, the plan says {expected_metres:.2f} m: check the microphone's place and the channel.</source>
      <translation>Der Schall kam aus {measured_metres:.2f} m, der Plan sagt {expected_metres:.2f} m: Ort des Mikrofons und Kanal prüfen.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>In time by markers; the two clocks differed by {parts:.0f} parts in a million, taken out.</source>
      <translation>Zeitbezug durch Marken; die beiden Uhren wichen um {parts:.0f} Millionstel ab, herausgerechnet.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>No microphone calibration was loaded.</source>
      <translation>Keine Mikrofonkalibrierung war geladen.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>{no_timing_reference}: arrival and phase cannot be checked.</source>
      <translation>{no_timing_reference}: Ankunft und Phase lassen sich nicht prüfen.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>No sound of the sweep could be told from the noise.</source>
      <translation>Kein Klang des Sweeps ließ sich vom Rauschen unterscheiden.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>Sweep {number} clipped in {full} samples: turn the input down and measure again.</source>
      <translation>Sweep {number} übersteuerte in {full} Abtastwerten: den Eingang zurückdrehen und noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>Only {ratio:.0f} dB above the noise around {midband:g} Hz: play louder, make it quieter, or sweep longer.</source>
      <translation>Nur {ratio:.0f} dB über dem Rauschen um {midband:g} Hz: lauter spielen, leiser machen, oder länger sweepen.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>Sweeps 1 and {number} differ by {gap:.1f} dB at {compared_hz:.0f} Hz: something made a noise; measure again.</source>
      <translation>Sweep 1 und {number} unterscheiden sich bei {compared_hz:.0f} Hz um {gap:.1f} dB: etwas machte Lärm; noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>This is the same sound as {name}: was the channel switched?</source>
      <translation>Das ist derselbe Klang wie {name}: wurde der Kanal umgeschaltet?</translation>
    </message>
    <message>
      <location filename="../../signals/quality.py" />
      <source>{gap:.0f} dB {word} than {name}: measure all at one setting.</source>
      <translation>{gap:.0f} dB {word} als {name}: alle mit einer Einstellung messen.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>The text</source>
      <translation>Der Text</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{count} line without numbers left out: {told}.</source>
      <translation>{count} Zeile ohne Zahlen ausgelassen: {told}.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{count} lines without numbers left out: {told}.</source>
      <translation>{count} Zeilen ohne Zahlen ausgelassen: {told}.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{name} holds no curve “{curve}”; it holds {listed}.</source>
      <translation>{name} hat keine Kurve „{curve}“; sie hat {listed}.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{name}, lines {lines} to {lines2}</source>
      <translation>{name}, Zeilen {lines} bis {lines2}</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{name} holds no line of numbers; a response has lines of frequency and level.</source>
      <translation>{name} hat keine Zeile mit Zahlen; ein Frequenzgang hat Zeilen mit Frequenz und Pegel.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>line {number} (“{text}”)</source>
      <translation>Zeile {number} („{text}“)</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{name} holds no line of numbers of frequency and level.</source>
      <translation>{name} hat keine Zeile mit Zahlen für Frequenz und Pegel.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{name}: a frequency stands twice; a target has each once.</source>
      <translation>{name}: eine Frequenz steht zweimal; ein Ziel hat jede einmal.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{name}, line {lines}: the file holds {found} curves, {listed}; say which one to read.</source>
      <translation>{name}, Zeile {lines}: die Datei hat {found} Kurven, {listed}; sagen, welche zu lesen ist.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{count} line at 0 Hz or without a level left out: line {line}.</source>
      <translation>{count} Zeile bei 0 Hz oder ohne Pegel ausgelassen: Zeile {line}.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{count} lines at 0 Hz or without a level left out, the first line {line}.</source>
      <translation>{count} Zeilen bei 0 Hz oder ohne Pegel ausgelassen, die erste Zeile {line}.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>The frequencies ran downward and were turned round.</source>
      <translation>Die Frequenzen liefen abwärts und wurden umgedreht.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>Frequencies that stood twice were averaged on power, the first of line {line}.</source>
      <translation>Frequenzen, die zweimal standen, wurden in der Leistung gemittelt, die erste aus Zeile {line}.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>; if they are in kHz, write “kHz” over the column</source>
      <translation>; sind sie in kHz, „kHz“ über die Spalte schreiben</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{where}: only {inside} frequencies lie between 20 and 300 Hz; at least {fewest_points} are needed to judge a room{hint}.</source>
      <translation>{where}: nur {inside} Frequenzen liegen zwischen 20 und 300 Hz; zum Beurteilen eines Raums sind mindestens {fewest_points} nötig{hint}.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>{where}: every level is {level:g} dB; no microphone in a room hears that.</source>
      <translation>{where}: jeder Pegel ist {level:g} dB; das hört kein Mikrofon in einem Raum.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>The frequencies were out of order from line {line} on and were sorted.</source>
      <translation>Die Frequenzen waren ab Zeile {line} durcheinander und wurden geordnet.</translation>
    </message>
    <message>
      <location filename="../../signals/reading.py" />
      <source>Some lines have no phase, so the phase of all was left out.</source>
      <translation>Einige Zeilen haben keine Phase, die Phase aller wurde also weggelassen.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>From a recorded sweep; arrival at {arrival_seconds:.1f} ms.</source>
      <translation>Aus einem aufgenommenen Sweep; Ankunft nach {arrival_seconds:.1f} ms.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source> As it arrives, the sweep took about {seconds:.1f} s if it went from {low:g} to {high:g} Hz.</source>
      <translation> Wie er ankommt, dauerte der Sweep etwa {seconds:.1f} s, falls er von {low:g} bis {high:g} Hz ging.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>{name}: this is not the sweep that was said: each octave arrives {ms:.0f} ms apart.{hint}</source>
      <translation>{name}: das ist nicht der angegebene Sweep: jede Oktave kommt {ms:.0f} ms versetzt an.{hint}</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>{name}: the sweep cannot be found in it.</source>
      <translation>{name}: der Sweep ist darin nicht zu finden.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>The recorder's clock differed by {parts:.0f} parts in a million, taken out.</source>
      <translation>Die Uhr des Rekorders wich um {parts:.0f} Millionstel ab, herausgerechnet.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>{name} taken away.</source>
      <translation>{name} abgezogen.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>The recording reaches full scale: it may be clipped.</source>
      <translation>Die Aufnahme erreicht die Vollaussteuerung: sie kann übersteuert sein.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>{name} has {shape} channels; there is no number {channel}.</source>
      <translation>{name} hat {shape} Kanäle; eine Nummer {channel} gibt es nicht.</translation>
    </message>
    <message>
      <location filename="../../signals/recorded_sweeps.py" />
      <source>{name}: the sound arrives {before:.0f} ms before it was played; the recording must begin with the sweep, or before it.</source>
      <translation>{name}: der Schall kommt {before:.0f} ms an, bevor er gespielt wurde; die Aufnahme muss mit dem Sweep beginnen oder vorher.</translation>
    </message>
    <message>
      <location filename="../../signals/response.py" />
      <source>This response has no phase, so it cannot be added to another.</source>
      <translation>Dieser Frequenzgang hat keine Phase und lässt sich nicht zu einem anderen addieren.</translation>
    </message>
    <message>
      <location filename="../../signals/response.py" />
      <source>The response does not cover these frequencies.</source>
      <translation>Der Frequenzgang deckt diese Frequenzen nicht ab.</translation>
    </message>
    <message>
      <location filename="../../signals/sweep.py" />
      <source>A sweep from {low_hz:g} to {high_hz:g} Hz is less than an octave.</source>
      <translation>Ein Sweep von {low_hz:g} bis {high_hz:g} Hz ist weniger als eine Oktave.</translation>
    </message>
    <message>
      <location filename="../../signals/sweep.py" />
      <source>A sweep to {high_hz:g} Hz needs a sample rate of {high_hz2:g} Hz or more; it is {sample_rate} Hz.</source>
      <translation>Ein Sweep bis {high_hz:g} Hz braucht eine Abtastrate von {high_hz2:g} Hz oder mehr; sie ist {sample_rate} Hz.</translation>
    </message>
    <message>
      <location filename="../../signals/sweep.py" />
      <source>The fades take more than half of the sweep; shorten them.</source>
      <translation>Die Blenden brauchen mehr als die Hälfte des Sweeps; kürzen.</translation>
    </message>
    <message>
      <location filename="../../signals/sweep.py" />
      <source>This sweep cannot be played: {beyond}.</source>
      <translation>Dieser Sweep lässt sich nicht spielen: {beyond}.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{}, line {}: commas both inside and between numbers cannot be told apart; save it with semicolons between the columns.</source>
      <translation>{}, Zeile {}: Kommas in und zwischen Zahlen lassen sich nicht unterscheiden; mit Semikolon zwischen den Spalten speichern.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <location filename="../../signals/taken_as.py" />
      <source>real part</source>
      <translation>Realteil</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <location filename="../../signals/taken_as.py" />
      <source>imaginary part</source>
      <translation>Imaginärteil</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <location filename="../../signals/taken_as.py" />
      <source>not used</source>
      <translation>nicht verwendet</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>a factor</source>
      <translation>ein Faktor</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>Pa</source>
      <translation>Pa</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>curve {number}</source>
      <translation>Kurve {number}</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>Real and imaginary parts were turned into level and phase.</source>
      <translation>Real- und Imaginärteile wurden in Pegel und Phase umgerechnet.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>The levels are {units} and were turned into dB.</source>
      <translation>Die Pegel sind {units} und wurden in dB umgerechnet.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{title}frequency in {unit}</source>
      <translation>{title}Frequenz in {unit}</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{title}level in {unit}</source>
      <translation>{title}Pegel in {unit}</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source> in {unit}</source>
      <translation> in {unit}</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {number}: this is an impulse response as text; export it as WAV.</source>
      <translation>{name}, Zeile {number}: das ist eine Impulsantwort als Text; als WAV exportieren.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {number}: {width} columns, and no heading says what they are; keep frequency, level and phase, or write a title over each.</source>
      <translation>{name}, Zeile {number}: {width} Spalten, und keine Überschrift sagt, was sie sind; Frequenz, Pegel und Phase behalten, oder über jede einen Titel schreiben.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {first}: the first column counts the lines, or steps of 1 Hz; write “Hz” over the frequencies and “No” over a count.</source>
      <translation>{name}, Zeile {first}: die erste Spalte zählt die Zeilen oder Schritte von 1 Hz; „Hz“ über die Frequenzen schreiben, „No“ über eine Zählung.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {first}: the first column looks like time, this like an impulse response as text; export it as WAV.</source>
      <translation>{name}, Zeile {first}: die erste Spalte sieht nach Zeit aus, das nach einer Impulsantwort als Text; als WAV exportieren.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {line}: no column is named as a level; write “dB” over it.</source>
      <translation>{name}, Zeile {line}: keine Spalte ist als Pegel bezeichnet; „dB“ darüberschreiben.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {lines}: {values:g} is below zero, but the heading says the levels are {units}; correct the heading.</source>
      <translation>{name}, Zeile {lines}: {values:g} ist unter null, aber die Überschrift sagt, die Pegel sind {units}; die Überschrift berichtigen.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>The phase is in radians and was turned into degrees.</source>
      <translation>Die Phase ist in Radiant und wurde in Grad umgerechnet.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {line}: {f:g} Hz is no audio frequency; the first column must be Hz.</source>
      <translation>{name}, Zeile {line}: {f:g} Hz ist keine Tonfrequenz; die erste Spalte muss Hz sein.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}: {asked} columns were named, and the file has {usual}.</source>
      <translation>{name}: {asked} Spalten wurden benannt, und die Datei hat {usual}.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {number}: one column only; each line needs a frequency and a level in dB.</source>
      <translation>{name}, Zeile {number}: nur eine Spalte; jede Zeile braucht eine Frequenz und einen Pegel in dB.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {line}: the columns are time and amplitude, an impulse response as text; export it as WAV.</source>
      <translation>{name}, Zeile {line}: die Spalten sind Zeit und Amplitude, eine Impulsantwort als Text; als WAV exportieren.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {line}: no column is named as the frequency; write “Hz” over it.</source>
      <translation>{name}, Zeile {line}: keine Spalte ist als Frequenz bezeichnet; „Hz“ darüberschreiben.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {at}: the levels lie between {known:g} and {known2:g} and could be a factor as well as decibels; write “dB” or “linear” over the column.</source>
      <translation>{name}, Zeile {at}: die Pegel liegen zwischen {known:g} und {known2:g} und könnten ein Faktor ebenso wie Dezibel sein; „dB“ oder „linear“ über die Spalte schreiben.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {lines}: a level of {values:g} dB makes no sense; the column must be dB.</source>
      <translation>{name}, Zeile {lines}: ein Pegel von {values:g} dB hat keinen Sinn; die Spalte muss dB sein.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>The third column could be radians, or no phase at all; it was left out. Write “rad” or “deg” over it to have it read.</source>
      <translation>Die dritte Spalte könnte Radiant sein, oder gar keine Phase; sie wurde weggelassen. „rad“ oder „deg“ darüberschreiben, damit sie gelesen wird.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {line}: the frequency {f:g} Hz is below zero.</source>
      <translation>{name}, Zeile {line}: die Frequenz {f:g} Hz ist unter null.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {number}: the {role} “{cell}” is too large.</source>
      <translation>{name}, Zeile {number}: {role} „{cell}“ ist zu groß.</translation>
    </message>
    <message>
      <location filename="../../signals/tables.py" />
      <source>{name}, line {number}: the {what} “{cell}” is not a number.</source>
      <translation>{name}, Zeile {number}: {what} „{cell}“ ist keine Zahl.</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>frequency in Hz</source>
      <translation>Frequenz in Hz</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>frequency in kHz</source>
      <translation>Frequenz in kHz</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>frequency in rad/s</source>
      <translation>Frequenz in rad/s</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>level in dB</source>
      <translation>Pegel in dB</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>level as a factor</source>
      <translation>Pegel als Faktor</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>level in Pa</source>
      <translation>Pegel in Pa</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>level in mPa</source>
      <translation>Pegel in mPa</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>level as power</source>
      <translation>Pegel als Leistung</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>phase in degrees</source>
      <translation>Phase in Grad</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>phase in radians</source>
      <translation>Phase im Bogenmaß</translation>
    </message>
    <message>
      <location filename="../../signals/taken_as.py" />
      <source>time</source>
      <translation>Zeit</translation>
    </message>
    <message>
      <location filename="../../signals/tones.py" />
      <source>“{name}” is no note; write one such as E1, F#2 or Bb2.</source>
      <translation>„{name}“ ist kein Ton; einen wie E1, F#2 oder Bb2 schreiben.</translation>
    </message>
    <message>
      <location filename="../../signals/wav.py" />
      <source>{name} holds no sound: {shape} samples.</source>
      <translation>{name} enthält keinen Klang: {shape} Abtastwerte.</translation>
    </message>
    <message>
      <location filename="../../signals/wav.py" />
      <source>{name} could not be read as a sound: {error}</source>
      <translation>{name} ließ sich nicht als Klang lesen: {error}</translation>
    </message>
    <message>
      <location filename="../../signals/wav.py" />
      <source>{name} says it has {rate} samples a second; {rates_hz} to {rates_hz2} can be read.</source>
      <translation>{name} sagt, es habe {rate} Abtastwerte je Sekunde; {rates_hz} bis {rates_hz2} lassen sich lesen.</translation>
    </message>
    <message>
      <location filename="../../signals/wav.py" />
      <source>{name} holds {channels} channels of {frames} samples, more than this program reads; cut it to the recording of one sweep.</source>
      <translation>{name} enthält {channels} Kanäle mit {frames} Abtastwerten, mehr als dieses Programm liest; auf die Aufnahme eines Sweeps kürzen.</translation>
    </message>
    <message>
      <location filename="../../signals/wav.py" />
      <source>{name} lasts {seconds:.0f} s; at {rate} samples a second {most:.0f} s can be read: cut it to one sweep, or to the response.</source>
      <translation>{name} dauert {seconds:.0f} s; bei {rate} Abtastwerten je Sekunde lassen sich {most:.0f} s lesen: auf einen Sweep oder auf die Antwort kürzen.</translation>
    </message>
    <message>
      <location filename="../../signals/weighting.py" />
      <source>{dba:.0f} dB(A): {span} a day at most (NIOSH 1998).</source>
      <translation>{dba:.0f} dB(A): höchstens {span} am Tag (NIOSH 1998).</translation>
    </message>
    <message>
      <location filename="../../signals/weighting.py" />
      <source>{dba:.0f} dB(A): no limit to a day of sweeps (NIOSH 1998).</source>
      <translation>{dba:.0f} dB(A): keine Grenze für einen Tag mit Sweeps (NIOSH 1998).</translation>
    </message>
    <message>
      <location filename="../../signals/weighting.py" />
      <source>{hours:.0f} minutes</source>
      <translation>{hours:.0f} Minuten</translation>
    </message>
  </context>
  <context>
    <name>studio</name>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>Full output is still too quiet: turn the monitors up and check again.</source>
      <translation>Auch voll ausgesteuert ist es zu leise: die Monitore aufdrehen und noch einmal prüfen.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>{loud}, input peaks {peak:.0f} dB below clipping. Leave every setting as it is now.</source>
      <translation>{loud}, Eingangsspitzen {peak:.0f} dB unter dem Übersteuern. Jede Einstellung nun so lassen.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>At your limit of {highest:.0f} dB it is still too quiet: turn the monitors up or raise the limit, and check again.</source>
      <translation>An Ihrer Grenze von {highest:.0f} dB ist es noch zu leise: die Monitore aufdrehen oder die Grenze anheben und noch einmal prüfen.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>{level:.0f} dB SPL at the seat</source>
      <translation>{level:.0f} dB SPL am Hörplatz</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>The input is close to clipping: turn its gain down and check again.</source>
      <translation>Der Eingang ist nahe am Übersteuern: zurückdrehen und noch einmal prüfen.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>It is too loud at the seat even at the lowest output: turn the monitors down, or quieten the room, and check again.</source>
      <translation>Am Hörplatz ist es selbst beim niedrigsten Ausgang zu laut: die Monitore zurückdrehen, oder den Raum beruhigen, und noch einmal prüfen.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>Stopped; the level stays as it was.</source>
      <translation>Angehalten; der Pegel bleibt, wie er war.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>No tone is heard: put the calibrator on the microphone, turn gain up.</source>
      <translation>Kein Ton zu hören: den Kalibrator aufs Mikrofon setzen, den Eingang aufdrehen.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>The tone clips the input: turn its gain down and calibrate again.</source>
      <translation>Der Ton übersteuert den Eingang: zurückdrehen und noch einmal kalibrieren.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>The tone is not steady: wait until it is and calibrate again.</source>
      <translation>Der Ton ist nicht gleichmäßig: warten, bis er es ist, und noch einmal kalibrieren.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>The noise clips the input: turn its gain down and begin again.</source>
      <translation>Das Rauschen übersteuert den Eingang: seine Verstärkung verringern und neu beginnen.</translation>
    </message>
    <message>
      <location filename="../../studio/levelling.py" />
      <source>The noise hardly stands above the room's own: play louder and begin again.</source>
      <translation>Das Rauschen steht kaum über dem des Raums: lauter spielen und neu beginnen.</translation>
    </message>
    <message>
      <location filename="../../studio/listening_out.py" />
      <source>the system has no output</source>
      <translation>das System hat keinen Ausgang</translation>
    </message>
    <message>
      <location filename="../../studio/listening_out.py" />
      <source>“{output}” is not there any more</source>
      <translation>„{output}“ ist nicht mehr da</translation>
    </message>
    <message>
      <location filename="../../studio/listening_out.py" />
      <source>Nothing to listen with: {why}. Plug in headphones or choose another output; everything here can also be seen, and written as WAV.</source>
      <translation>Nichts zum Hören: {why}. Kopfhörer anschließen oder einen anderen Ausgang wählen; alles hier lässt sich auch sehen und als WAV schreiben.</translation>
    </message>
    <message>
      <location filename="../../studio/moving_microphone.py" />
      <source>The recording ended before the noise did; measure again.</source>
      <translation>Die Aufnahme endete vor dem Rauschen; noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../studio/moving_microphone.py" />
      <source>Averaged while the microphone moved, 1/{per_octave} octave: a level without phase.</source>
      <translation>Gemittelt, während sich das Mikrofon bewegte, 1/{per_octave} Oktave: ein Pegel ohne Phase.</translation>
    </message>
    <message>
      <location filename="../../studio/one_take.py" />
      <source>This cannot be measured with: {beyond}.</source>
      <translation>So lässt sich nicht messen: {beyond}.</translation>
    </message>
    <message>
      <location filename="../../studio/quiet.py" />
      <source>Waiting for quiet: something is {db:.0f} dB louder than the room ({left} s at most).</source>
      <translation>Warten auf Ruhe: etwas ist {db:.0f} dB lauter als der Raum (höchstens noch {left} s).</translation>
    </message>
    <message>
      <location filename="../../studio/simulated.py" />
      <source>Simulated studio</source>
      <translation>Simuliertes Studio</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>{name} stopped: {reason}. Check that nothing else uses it.</source>
      <translation>{name} hielt an: {reason}. Prüfen, dass nichts anderes es benutzt.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>{name} takes no sound any more: is it still plugged in? Plug it in and begin again.</source>
      <translation>{name} nimmt keinen Ton mehr an: Ist sie noch eingesteckt? Einstecken und von vorn beginnen.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>Two sounds share one output; give each its own.</source>
      <translation>Zwei Klänge teilen sich einen Ausgang; jedem einen eigenen geben.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>A loopback needs both an output and an input.</source>
      <translation>Eine Schleife braucht einen Ausgang und einen Eingang.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>Microphone and loopback share one input; give each its own.</source>
      <translation>Mikrofon und Schleife teilen sich einen Eingang; jedem einen eigenen geben.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>No output channel is set for {name}; choose one.</source>
      <translation>Für {name} ist kein Ausgangskanal gesetzt; einen wählen.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>{name} has {count} outputs, and {source} is set to number {number}: choose another at “Channels …”.</source>
      <translation>{name} hat {count} Ausgänge, und {source} steht auf Nummer {number}: bei „Kanäle …“ einen anderen wählen.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>Sound cards need the system's PortAudio library: have libportaudio2 installed and start again with ./start. All else works without it.</source>
      <translation>Soundkarten brauchen die PortAudio-Bibliothek des Systems: libportaudio2 installieren lassen und mit ./start neu starten. Alles andere geht ohne sie.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>The sound card cannot play {most} channels at {sample_rate} Hz: {reason}.</source>
      <translation>Die Soundkarte kann bei {sample_rate} Hz keine {most} Kanäle spielen: {reason}.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>The sound card cannot record {inputs} channels at {sample_rate} Hz: {reason}.</source>
      <translation>Die Soundkarte kann bei {sample_rate} Hz keine {inputs} Kanäle aufnehmen: {reason}.</translation>
    </message>
    <message>
      <location filename="../../studio/soundcard.py" />
      <source>The sound card</source>
      <translation>Die Soundkarte</translation>
    </message>
    <message>
      <location filename="../../studio/streams.py" />
      <source>The computer slept meanwhile: parts are missing. Measure again.</source>
      <translation>Der Rechner hat zwischendurch geschlafen: Teile fehlen. Noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../studio/streams.py" />
      <source>The computer was too slow to record: parts are missing. Measure again.</source>
      <translation>Der Rechner war zu langsam zum Aufnehmen: Teile fehlen. Noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../studio/streams.py" />
      <source>The computer was too slow to play: the sweep has gaps. Measure again.</source>
      <translation>Der Rechner war zu langsam zum Spielen: der Sweep hat Lücken. Noch einmal messen.</translation>
    </message>
    <message>
      <location filename="../../studio/two_devices.py" />
      <source>{played} and {heard}</source>
      <translation>{played} und {heard}</translation>
    </message>
  </context>
  <context>
    <name>training</name>
    <message>
      <location filename="../../training/adding.py" />
      <source>The second adds no level any more: a little later, and the two cancel.</source>
      <translation>Das zweite gibt keinen Pegel mehr hinzu: ein wenig später, und die beiden löschen sich.</translation>
    </message>
    <message>
      <location filename="../../training/adding.py" />
      <source>{level_db:.0f} dB softer, the second can add {most:.1f} dB at most and take away {least:.1f}: a reflection this soft has lost its power over the sum.</source>
      <translation>{level_db:.0f} dB leiser kann das zweite höchstens {most:.1f} dB hinzugeben und {least:.1f} wegnehmen: eine so leise Reflexion hat keine Macht mehr über die Summe.</translation>
    </message>
    <message>
      <location filename="../../training/adding.py" />
      <source>Beyond 120° the two cancel. No boost fills it: both grow alike. Only another distance, or a softer second signal, undoes it.</source>
      <translation>Jenseits von 120° löschen sich die beiden. Keine Anhebung füllt es: beide wachsen gleich. Nur ein anderer Abstand, oder ein leiseres zweites Signal, hebt es auf.</translation>
    </message>
    <message>
      <location filename="../../training/adding.py" />
      <source>In step, or nearly: what a wall close by does to the bass, and a sub in time.</source>
      <translation>Im Gleichschritt, oder nahezu: was eine nahe Wand mit dem Bass macht, und ein Sub zur rechten Zeit.</translation>
    </message>
    <message>
      <location filename="../../training/adding.py" />
      <source>Neither in step nor against: about here the two add as strangers would.</source>
      <translation>Weder im Gleichschritt noch dagegen: hier etwa ergänzen sich beide wie Fremde.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{evenness_before_db:.1f} → {evenness_after_db:.1f} dB from even</source>
      <translation>{evenness_before_db:.1f} → {evenness_after_db:.1f} dB uneben</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>To try: {what} ({better}, forecast). </source>
      <translation>Zu versuchen: {what} ({better}, Vorhersage). </translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>Nearer to the loudspeakers, or the surface farther off, the reflection is softer against the direct sound; a desk lower or tilted sends it past the ear. At the points of Sign-off's hand-over whoever treats the room does the rest.</source>
      <translation>Näher an den Lautsprechern, oder mit der Fläche weiter weg, ist die Reflexion gegen den Direktschall leiser; ein niedrigerer oder geneigter Tisch schickt sie am Ohr vorbei. An den Punkten der Übergabe in der Abnahme tut das Übrige, wer den Raum behandelt.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: off the {surface} the {loudspeaker} one's sound comes {late:.1f} ms late and {level_db:.0f} dB softer: first hollow at {late2:.0f} Hz, a pitch of {late3:.0f} Hz. Loudspeakers beam, so in truth less.</source>
      <translation>{where}: über {surface} kommt der Schall von {loudspeaker} {late:.1f} ms später und {level_db:.0f} dB leiser: erste Senke bei {late2:.0f} Hz, eine Tonhöhe von {late3:.0f} Hz. Lautsprecher bündeln, in Wahrheit also weniger.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>A subwoofer as far from the ear as the pair needs no delay; a farther one makes the pair wait. Subs finds distance and delay, and the null proves them.</source>
      <translation>Ein Subwoofer, so weit vom Ohr wie das Paar, braucht keine Verzögerung; ein weiterer lässt das Paar warten. „Subs“ findet Abstand und Verzögerung, und die Auslöschung beweist sie.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>Placing only chooses how much of a mode is heard, not how long it lives: seat and loudspeakers off its places of pressure, then absorption that works that low.</source>
      <translation>Aufstellen wählt nur, wie viel von einer Mode gehört wird, nicht, wie lange sie lebt: Hörplatz und Lautsprecher aus ihren Druckorten, dann Absorption, die so tief wirkt.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>In {name}, “{name2}”, at the {seat}</source>
      <translation>In {name}, „{name2}“, am Hörplatz {seat}</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>No boost fills a hollow: move what makes it, or the seat out of it.</source>
      <translation>Keine Anhebung füllt eine Senke: bewegen, was sie macht, oder den Hörplatz heraus.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>Seat or loudspeaker in the quiet zone of what booms tames it; a cut can do the rest.</source>
      <translation>Hörplatz oder Lautsprecher in der ruhigen Zone dessen, was dröhnt, mildert es; eine Absenkung kann den Rest tun.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{frequency_hz:.0f} Hz.</source>
      <translation>{frequency_hz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{odd} is set to reversed polarity</source>
      <translation>{odd} ist auf umgekehrte Polarität gestellt</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>nothing is set reversed</source>
      <translation>nichts ist umgekehrt eingestellt</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: {told}. What is wired wrongly no forecast knows: play mono, and the middle must stand still between left and right.</source>
      <translation>{where}: {told}. Was falsch verdrahtet ist, weiß keine Vorhersage: Mono spielen, und die Mitte muss zwischen links und rechts stillstehen.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>No place mends it: swap the two wires at one terminal, or the switch.</source>
      <translation>Kein Ort behebt es: die beiden Adern an einer Klemme tauschen, oder den Schalter.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: by distance and delay {id} comes {gap:.1f} ms {way} the pair, its own electronics and filter not counted.</source>
      <translation>{where}: nach Entfernung und Verzögerung kommt {id} {gap:.1f} ms {way} dem Paar, die eigene Elektronik und der Filter nicht gezählt.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: at {f:.0f} Hz the {louder} one is {gap:.0f} dB louder at the ear, forecast.</source>
      <translation>{where}: bei {f:.0f} Hz ist {louder} am Ohr {gap:.0f} dB lauter, Vorhersage.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>Alike walls beside both, or both as far from unlike ones as can be; the seat on the line between. What a window or an open side does to one of them, no setting undoes.</source>
      <translation>Gleiche Wände neben beiden, oder beide so weit wie möglich von ungleichen; der Hörplatz auf der Linie dazwischen. Was ein Fenster oder eine offene Seite mit einem von ihnen macht, hebt keine Einstellung auf.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>; nearest is the {name} ({frequency_hz:.0f} Hz)</source>
      <translation>; am nächsten ist: {name} ({frequency_hz:.0f} Hz)</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: {band:g} Hz rings longest, {known:.1f} s to fall by 60 dB{named}.</source>
      <translation>{where}: {band:g} Hz klingt am längsten nach, {known:.1f} s, um 60 dB zu fallen{named}.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>this room</source>
      <translation>diesem Raum</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: no {kind} of 3 dB or more is forecast. The lesson takes one at {usual_hz:.0f} Hz.</source>
      <translation>{where}: keine Abweichung ({kind}) von 3 dB oder mehr ist vorhergesagt. Die Lektion nimmt eine bei {usual_hz:.0f} Hz.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: nothing reflects early.</source>
      <translation>{where}: nichts reflektiert früh.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: there is no subwoofer to be late.</source>
      <translation>{where}: es gibt keinen Subwoofer, der zu spät wäre.</translation>
    </message>
    <message>
      <location filename="../../training/here.py" />
      <source>{where}: how long it rings cannot be told.</source>
      <translation>{where}: wie lange es nachklingt, lässt sich nicht sagen.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{size:.1f} dB</source>
      <translation>{size:.1f} dB</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>You still hear it: {size_words}.</source>
      <translation>Noch zu hören: {size_words}.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{told} Here it is {size_words}: leave it, and mend what you hear.</source>
      <translation>{told} Hier ist es {size_words}: lassen, und beheben, was zu hören ist.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{told} Here it is {size_words}: you will hear it.</source>
      <translation>{told} Hier ist es {size_words}: es wird zu hören sein.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>A hollow</source>
      <translation>Eine Senke</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>A note that is missing leaves no trace of itself: the line loses a step, other notes seem louder. Follow one pitch, not the bass as a whole.</source>
      <translation>Ein fehlender Ton hinterlässt keine Spur: die Linie verliert eine Stufe, andere Töne wirken lauter. Einer Tonhöhe folgen, nicht dem Bass als Ganzem.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>Which one has the hollow?</source>
      <translation>Welches hat die Senke?</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>A hill that booms</source>
      <translation>Ein Hügel, der dröhnt</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>One note swells and covers its neighbours; the same note every time, whatever the piece. A hill is heard at half the decibels of a hollow.</source>
      <translation>Ein Ton schwillt und deckt seine Nachbarn zu; immer derselbe Ton, welches Stück auch spielt. Ein Hügel wird bei der halben Dezibelzahl einer Senke gehört.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>Which one booms?</source>
      <translation>Welches dröhnt?</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>A comb</source>
      <translation>Ein Kamm</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>One reflection a few milliseconds late colours everything like a tube; the ear takes one over the delay for a pitch. Listen to noise or vowels, not to the tune.</source>
      <translation>Eine Reflexion, die wenige Millisekunden zu spät kommt, färbt alles wie eine Röhre; das Ohr nimmt eins durch die Verzögerung für eine Tonhöhe. Auf Rauschen oder Vokale hören, nicht auf die Melodie.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>Which one is coloured by the reflection?</source>
      <translation>Welches ist von der Reflexion gefärbt?</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>Polarity reversed</source>
      <translation>Polarität umgekehrt</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>One side pushes while the other pulls: the middle is gone, the sound sits in the ears or nowhere, the bass is thin. Once known, never missed.</source>
      <translation>Eine Seite drückt, während die andere zieht: die Mitte ist weg, der Klang sitzt in den Ohren oder nirgends, der Bass ist dünn. Einmal bekannt, nie überhört.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>Which one is reversed?</source>
      <translation>Welches ist umgekehrt?</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>A subwoofer too late</source>
      <translation>Ein Subwoofer zu spät</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>The blow and its weight come apart: the kick has a click first and a belly after. Listen to where the kick begins, not to how deep it is.</source>
      <translation>Der Schlag und sein Gewicht fallen auseinander: die Bassdrum hat erst einen Klick und danach einen Bauch. Darauf hören, wo der Schlag beginnt, nicht wie tief er ist.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>In which one is the low end late?</source>
      <translation>In welchem kommt das tiefe Ende zu spät?</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>Left and right unlike</source>
      <translation>Links und rechts ungleich</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>A voice in the middle leans to one side on some notes and comes back on others. Listen to where the middle stands, note by note.</source>
      <translation>Eine Stimme in der Mitte lehnt bei manchen Tönen zu einer Seite und kommt bei anderen zurück. Darauf hören, wo die Mitte steht, Ton für Ton.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>In which one does the middle wander?</source>
      <translation>In welchem wandert die Mitte?</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>A note goes on after the player has stopped it, and the next one starts in its tail. Listen to the gaps, not to the notes.</source>
      <translation>Ein Ton geht weiter, nachdem der Spieler ihn beendet hat, und der nächste beginnt in seinem Schweif. Auf die Lücken hören, nicht auf die Töne.</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>Which one rings on?</source>
      <translation>Welches klingt nach?</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{db} deep</source>
      <translation>{db} tief</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{db} high</source>
      <translation>{db} hoch</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>reversed below {octaves_from_hz:.0f} Hz</source>
      <translation>umgekehrt unter {octaves_from_hz:.0f} Hz</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{size:.1f} ms late</source>
      <translation>{size:.1f} ms zu spät</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{db} apart</source>
      <translation>{db} auseinander</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>{size:.2f} s to fall by 60 dB</source>
      <translation>{size:.2f} s, um 60 dB zu fallen</translation>
    </message>
    <message>
      <location filename="../../training/lessons.py" />
      <source>a reflection at {comb_floor_db:.0f} dB</source>
      <translation>eine Reflexion bei {comb_floor_db:.0f} dB</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>{count} time so far; best: {size_words}.</source>
      <translation>Bisher {count}-mal; am besten: {size_words}.</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>{count} times so far; best: {size_words}.</source>
      <translation>Bisher {count}-mal; am besten: {size_words}.</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>Not tried yet.</source>
      <translation>Noch nicht versucht.</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>A name has 1 to 60 letters.</source>
      <translation>Ein Name hat 1 bis 60 Zeichen.</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>{name} is too large to be a listener's progress.</source>
      <translation>{name} ist zu groß, um der Fortschritt eines Hörers zu sein.</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>it makes no sense</source>
      <translation>es hat keinen Sinn</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>{error} It lies beside as {name}; {name2} begins anew.</source>
      <translation>{error} Es liegt daneben als {name}; {name2} beginnt von vorn.</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>{path} could not be written: {strerror}.</source>
      <translation>{path} ließ sich nicht schreiben: {strerror}.</translation>
    </message>
    <message>
      <location filename="../../training/progress.py" />
      <source>{error} It could not be set aside: {strerror}.</source>
      <translation>{error} Es ließ sich nicht beiseitelegen: {strerror}.</translation>
    </message>
  </context>
  <context>
    <name>units</name>
    <message>
      <location filename="../../units.py" />
      <source>{sign}{whole}{numerator}/{denominator} in</source>
      <translation>{sign}{whole}{numerator}/{denominator} in</translation>
    </message>
    <message>
      <location filename="../../units.py" />
      <source>{metres:.2f} m</source>
      <translation>{metres:.2f} m</translation>
    </message>
    <message>
      <location filename="../../units.py" />
      <source>{metres:.1f} cm</source>
      <translation>{metres:.1f} cm</translation>
    </message>
    <message>
      <location filename="../../units.py" />
      <source>{sign}{whole} in</source>
      <translation>{sign}{whole} in</translation>
    </message>
    <message>
      <location filename="../../units.py" />
      <source>“{what}” is not a length; write 3.42, 342 cm or 11' 2 1/2".</source>
      <translation>„{what}“ ist keine Länge; 3,42, 342 cm oder 11' 2 1/2" schreiben.</translation>
    </message>
    <message>
      <location filename="../../units.py" />
      <source>“{what}” is not a length.</source>
      <translation>„{what}“ ist keine Länge.</translation>
    </message>
    <message>
      <location filename="../../units.py" />
      <source>“{what}” divides by zero; write the inches again.</source>
      <translation>„{what}“ teilt durch null; die Zoll noch einmal schreiben.</translation>
    </message>
  </context>
  <context>
    <name>validity</name>
    <message>
      <location filename="../../validity.py" />
      <source>must be above {gt}</source>
      <translation>muss über {gt} liegen</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>must be {ge} or more</source>
      <translation>muss {ge} oder mehr sein</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>must be below {lt}</source>
      <translation>muss unter {lt} liegen</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>must be {le} or less</source>
      <translation>muss {le} oder weniger sein</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>takes {max_length} letters at most</source>
      <translation>hat höchstens {max_length} Zeichen</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>must not be empty</source>
      <translation>darf nicht leer sein</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>takes {max_length} at most</source>
      <translation>hat höchstens {max_length}</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>needs {min_length} at least</source>
      <translation>braucht mindestens {min_length}</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>must be a finite number</source>
      <translation>muss eine endliche Zahl sein</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>; and {rest} more</source>
      <translation>; und {rest} weitere</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source>the file</source>
      <translation>die Datei</translation>
    </message>
    <message>
      <location filename="../../validity.py" />
      <source> (it is {got!r:.40})</source>
      <translation> (es ist {got!r:.40})</translation>
    </message>
  </context>
  <context>
    <name>vocabulary</name>
    <message>
      <location filename="../../vocabulary.py" />
      <source>left</source>
      <translation>links</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>right</source>
      <translation>rechts</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>front</source>
      <translation>vorn</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>back</source>
      <translation>hinten</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>floor</source>
      <translation>Boden</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>ceiling</source>
      <translation>Decke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>wall</source>
      <translation>Wand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>side</source>
      <translation>Seite</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>up</source>
      <translation>zu viel</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>down</source>
      <translation>zu wenig</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>high</source>
      <translation>hoch</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>low</source>
      <translation>niedrig</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>forward</source>
      <translation>vor</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>backward</source>
      <translation>zurück</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>inner</source>
      <translation>innen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>outer</source>
      <translation>außen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>front inner</source>
      <translation>vorn innen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>front outer</source>
      <translation>vorn außen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>back inner</source>
      <translation>hinten innen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>back outer</source>
      <translation>hinten außen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>centre</source>
      <translation>Mitte</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>corner</source>
      <translation>Ecke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>both</source>
      <translation>beide</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>here</source>
      <translation>hier</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>in the middle</source>
      <translation>in der Mitte</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>height</source>
      <translation>Höhe</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>depth</source>
      <translation>Tiefe</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>length</source>
      <translation>Länge</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>start</source>
      <translation>Anfang</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sill</source>
      <translation>Brüstung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>wide</source>
      <translation>breit</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>long</source>
      <translation>lang</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>deep</source>
      <translation>tief</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>spacing</source>
      <translation>Abstand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>end</source>
      <translation>Ende</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>begins</source>
      <translation>beginnt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>ends</source>
      <translation>endet</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>front wall</source>
      <translation>vordere Wand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>back wall</source>
      <translation>hintere Wand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>side wall</source>
      <translation>Seitenwand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>side walls</source>
      <translation>Seitenwände</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>left wall</source>
      <translation>linke Wand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>right wall</source>
      <translation>rechte Wand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>desk</source>
      <translation>Tisch</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>above</source>
      <translation>über</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>below</source>
      <translation>unter</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>before</source>
      <translation>vor</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>after</source>
      <translation>nach</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>nearer</source>
      <translation>näher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>farther</source>
      <translation>weiter weg</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>higher</source>
      <translation>höher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>lower</source>
      <translation>tiefer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>wider</source>
      <translation>weiter</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>narrower</source>
      <translation>enger</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>louder</source>
      <translation>lauter</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>softer</source>
      <translation>leiser</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>stronger</source>
      <translation>stärker</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>weaker</source>
      <translation>schwächer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>better</source>
      <translation>besser</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>worse</source>
      <translation>schlechter</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>more</source>
      <translation>mehr</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>less</source>
      <translation>weniger</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>deeper</source>
      <translation>tiefer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>longer</source>
      <translation>länger</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>shorter</source>
      <translation>kürzer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>left of</source>
      <translation>links von</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>right of</source>
      <translation>rechts von</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>beyond</source>
      <translation>jenseits</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>hill</source>
      <translation>Hügel</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>hollow</source>
      <translation>Senke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>peak</source>
      <translation>Spitze</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>dip</source>
      <translation>Senke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Hill</source>
      <translation>Hügel</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Hollow</source>
      <translation>Senke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>even</source>
      <translation>gleichmäßig</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>booms</source>
      <translation>dröhnt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>thin</source>
      <translation>dünn</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>holds</source>
      <translation>erfüllt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>open</source>
      <translation>offen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>partly</source>
      <translation>teilweise</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>yes</source>
      <translation>ja</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>no</source>
      <translation>nein</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>not here</source>
      <translation>hier nicht</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>reversed</source>
      <translation>umgekehrt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>normal</source>
      <translation>normal</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>mixed</source>
      <translation>gemischt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>fitted</source>
      <translation>angepasst</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>simulated</source>
      <translation>simuliert</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>takes</source>
      <translation>Messungen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>take</source>
      <translation>Messung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>grade</source>
      <translation>Note</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>grades</source>
      <translation>Noten</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>everything</source>
      <translation>alles</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>done</source>
      <translation>erledigt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>needs attention</source>
      <translation>braucht Aufmerksamkeit</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>in progress</source>
      <translation>im Gang</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>untouched</source>
      <translation>unberührt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>good</source>
      <translation>gut</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>bad</source>
      <translation>schlecht</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>poor</source>
      <translation>mangelhaft</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>leans left</source>
      <translation>lehnt nach links</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>leans right</source>
      <translation>lehnt nach rechts</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>wider or hollow</source>
      <translation>breiter oder hohl</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>reversed sounds right</source>
      <translation>umgekehrt klingt richtig</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>no difference</source>
      <translation>kein Unterschied</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>the other way</source>
      <translation>andersherum</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>from edge to edge</source>
      <translation>von Rand zu Rand</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>one point</source>
      <translation>ein Punkt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sub in time</source>
      <translation>Sub zur rechten Zeit</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>worth it</source>
      <translation>lohnt sich</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>optional</source>
      <translation>freigestellt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>swells</source>
      <translation>schwillt an</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sinks away</source>
      <translation>sinkt weg</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>booms at</source>
      <translation>dröhnt bei</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>heard</source>
      <translation>gehört</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>missing</source>
      <translation>fehlt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>picked</source>
      <translation>gewählt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>, picked</source>
      <translation>, gewählt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>certain</source>
      <translation>sicher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>one</source>
      <translation>ein</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>two</source>
      <translation>zwei</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>three</source>
      <translation>drei</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>four</source>
      <translation>vier</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>five</source>
      <translation>fünf</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>six</source>
      <translation>sechs</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>seven</source>
      <translation>sieben</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>eight</source>
      <translation>acht</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>nine</source>
      <translation>neun</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>ten</source>
      <translation>zehn</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>first</source>
      <translation>erste</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>second</source>
      <translation>zweite</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>third</source>
      <translation>dritte</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>fourth</source>
      <translation>vierte</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>fifth</source>
      <translation>fünfte</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>4th</source>
      <translation>4.</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>5th</source>
      <translation>5.</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>6th</source>
      <translation>6.</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>7th</source>
      <translation>7.</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>8th</source>
      <translation>8.</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>the</source>
      <translation>die</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>a</source>
      <translation>ein</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>an</source>
      <translation>ein</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>door</source>
      <translation>Tür</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>window</source>
      <translation>Fenster</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>passage</source>
      <translation>Durchgang</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>keep-out</source>
      <translation>Sperrfläche</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>alcove</source>
      <translation>Nische</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>angled bay</source>
      <translation>schräger Erker</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>bay</source>
      <translation>Erker</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>niche</source>
      <translation>Wandnische</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>split</source>
      <translation>Teilung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>chimney breast</source>
      <translation>Kaminvorsprung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>column</source>
      <translation>Säule</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>block</source>
      <translation>Block</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>bed</source>
      <translation>Bett</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>bookcase</source>
      <translation>Bücherregal</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sofa</source>
      <translation>Sofa</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>shelf</source>
      <translation>Regal</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>table top</source>
      <translation>Tischplatte</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>wardrobe</source>
      <translation>Schrank</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>solid</source>
      <translation>massiv</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>soft</source>
      <translation>weich</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>microphone</source>
      <translation>Mikrofon</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>monitor</source>
      <translation>Monitor</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>monitors</source>
      <translation>Monitore</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>subwoofer</source>
      <translation>Subwoofer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>subwoofers</source>
      <translation>Subwoofer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>loudspeaker</source>
      <translation>Lautsprecher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>loudspeakers</source>
      <translation>Lautsprecher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>surround</source>
      <translation>rundum</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>height speaker</source>
      <translation>Höhenlautsprecher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>other</source>
      <translation>anderer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>seat</source>
      <translation>Hörplatz</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>seats</source>
      <translation>Hörplätze</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>crossover</source>
      <translation>Übergang</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>length modes</source>
      <translation>Längsmoden</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>width modes</source>
      <translation>Quermoden</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>height modes</source>
      <translation>Höhenmoden</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>mixed modes</source>
      <translation>gemischte Moden</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>gain</source>
      <translation>Pegel</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>delay</source>
      <translation>Verzögerung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>phase</source>
      <translation>Phase</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>polarity</source>
      <translation>Polarität</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>low-pass</source>
      <translation>Tiefpass</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>high-pass</source>
      <translation>Hochpass</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <location filename="../../report/templates/card.html" />
      <source>step</source>
      <translation>Schritt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>kind</source>
      <translation>Art</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>slope</source>
      <translation>Steilheit</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>name</source>
      <translation>Name</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>called</source>
      <translation>genannt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>against</source>
      <translation>gegen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>for</source>
      <translation>für</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>with</source>
      <translation>mit</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>through</source>
      <translation>über</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>from</source>
      <translation>von</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>each</source>
      <translation>je</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sweeps</source>
      <translation>Sweeps</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>mishaps</source>
      <translation>Missgeschicke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>smoothed</source>
      <translation>geglättet</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>smoothing</source>
      <translation>Glättung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>programme</source>
      <translation>Programm</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>lesson</source>
      <translation>Lektion</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>listener</source>
      <translation>Hörer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>layout</source>
      <translation>Anordnung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>role</source>
      <translation>Rolle</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>diagonal</source>
      <translation>Diagonale</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>temperature</source>
      <translation>Temperatur</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>celsius</source>
      <translation>Celsius</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>acoustic</source>
      <translation>akustisch</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>near</source>
      <translation>nah</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>far</source>
      <translation>fern</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>lift</source>
      <translation>Anhebung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>listening room</source>
      <translation>Hörraum</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>anywhere</source>
      <translation>überall</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>desk studio</source>
      <translation>Schreibtischstudio</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>living room</source>
      <translation>Wohnraum</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>dynamics</source>
      <translation>Dynamik</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>flow</source>
      <translation>Fluss</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>air</source>
      <translation>Luft</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>full</source>
      <translation>voll</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>what</source>
      <translation>was</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <location filename="../../report/templates/card.html" />
      <source>when</source>
      <translation>wann</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>set</source>
      <translation>gesetzt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>ahead</source>
      <translation>voraus</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>opening</source>
      <translation>Öffnung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>ear</source>
      <translation>Ohr</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>thickness</source>
      <translation>Dicke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>lining</source>
      <translation>Verkleidung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>use</source>
      <translation>Nutzung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>things</source>
      <translation>Dinge</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>has</source>
      <translation>hat</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sweep</source>
      <translation>Sweep</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <location filename="../../report/templates/card.html" />
      <source>metric</source>
      <translation>metrisch</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>left and right</source>
      <translation>links und rechts</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>mid</source>
      <translation>Mitten</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>lowpass</source>
      <translation>Tiefpass</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>crossover Hz</source>
      <translation>Übergang Hz</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>set to</source>
      <translation>gestellt auf</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>walk</source>
      <translation>Gang</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>warmer</source>
      <translation>wärmer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>colder</source>
      <translation>kälter</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>quieter</source>
      <translation>leiser</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>outside</source>
      <translation>außerhalb von</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>inside</source>
      <translation>innerhalb von</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sound</source>
      <translation>Schall</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>of</source>
      <translation>von</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>at</source>
      <translation>bei</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>on</source>
      <translation>auf</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>by</source>
      <translation>nach</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>or</source>
      <translation>oder</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>and</source>
      <translation>und</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>in</source>
      <translation>in</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>as</source>
      <translation>als</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>it</source>
      <translation>es</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>is</source>
      <translation>ist</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>are</source>
      <translation>sind</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>flush</source>
      <translation>bündig</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>fills</source>
      <translation>füllt sich diese Senke</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>falls</source>
      <translation>sinkt diese Spitze</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>to</source>
      <translation>bis</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>none</source>
      <translation>keiner</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>both+sub</source>
      <translation>beide mit Sub</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>degrees</source>
      <translation>Grad</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>pass</source>
      <translation>Pass</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>dB</source>
      <translation>dB</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>ms</source>
      <translation>ms</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>flat, nothing set</source>
      <translation>gerade, nichts gesetzt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>subs</source>
      <translation>Subs</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>sub</source>
      <translation>Sub</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>direct</source>
      <translation>direkt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>upper</source>
      <translation>oberer</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>bass</source>
      <translation>Bass</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>centre speaker</source>
      <translation>Mittenlautsprecher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>nothing</source>
      <translation>nichts</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Room</source>
      <translation>Raum</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Change</source>
      <translation>Ändern</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Arrange</source>
      <translation>Aufstellung</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Listen</source>
      <translation>Hören</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Walk</source>
      <translation>Gang</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Look</source>
      <translation>Ansicht</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Help</source>
      <translation>Hilfe</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Station</source>
      <translation>Station</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>What was chosen</source>
      <translation>Was gewählt wurde</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Why</source>
      <translation>Warum</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>How sure</source>
      <translation>Wie sicher</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>What it would take to do better</source>
      <translation>Was nötig wäre, um besser zu sein</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Bookshelves, full</source>
      <translation>Bücherregale, voll</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Brick</source>
      <translation>Ziegel</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Brick, painted</source>
      <translation>Ziegel, gestrichen</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Concrete block, bare</source>
      <translation>Betonstein, roh</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Concrete, smooth</source>
      <translation>Beton, glatt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Curtain, heavy, draped</source>
      <translation>Vorhang, schwer, in Falten</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Door, hollow</source>
      <translation>Tür, hohl</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Door, solid timber</source>
      <translation>Tür, Massivholz</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Heavy carpet on underlay</source>
      <translation>Schwerer Teppich auf Unterlage</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Linoleum or vinyl on concrete</source>
      <translation>Linoleum oder Vinyl auf Beton</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Mineral tile ceiling over void</source>
      <translation>Mineralplattendecke, abgehängt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Opening to another room</source>
      <translation>Öffnung zu einem anderen Raum</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Parquet on concrete</source>
      <translation>Parkett auf Beton</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Plaster on lath or joists</source>
      <translation>Putz auf Latten oder Balken</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Plaster on masonry</source>
      <translation>Putz auf Mauerwerk</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Plasterboard on studs</source>
      <translation>Gipskarton auf Ständern</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Plasterboard on studs, two layers</source>
      <translation>Gipskarton auf Ständern, doppelt</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Thin carpet on concrete</source>
      <translation>Dünner Teppich auf Beton</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Thin wood panelling over air</source>
      <translation>Dünne Holzverkleidung mit Luft dahinter</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Timber floor on joists</source>
      <translation>Holzboden auf Balken</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Window, large heavy pane</source>
      <translation>Fenster, große schwere Scheibe</translation>
    </message>
    <message>
      <location filename="../../vocabulary.py" />
      <source>Window, ordinary glass</source>
      <translation>Fenster, gewöhnliches Glas</translation>
    </message>
  </context>
</TS>
