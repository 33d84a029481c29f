"""How Alembic reaches the database: over the connection that the program hands it."""

from alembic import context

from yonk.store.models import Base

context.configure(connection=context.config.attributes["connection"], target_metadata=Base.metadata)
with context.begin_transaction():
    context.run_migrations()
