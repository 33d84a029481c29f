"""Speed, reported as ratios to what is asked for."""
