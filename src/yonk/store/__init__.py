"""What is kept: blocks with their revisions, in MariaDB."""
