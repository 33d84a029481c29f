"""The web: Pydantic at the edge, thin routes."""
