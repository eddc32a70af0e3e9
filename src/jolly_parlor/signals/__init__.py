"""What the microphone heard: responses, their files, smoothing."""
