"""All that belongs to a person, as open files."""

from __future__ import annotations

import io
import json
import zipfile

from sqlalchemy.orm import Session

from yonk.api.fabrics.kept import cloths_shown
from yonk.api.measuring.kept import log_file_of
from yonk.core.paper import message
from yonk.files.cloth_picture import picture_file
from yonk.files.download import file_name
from yonk.files.log_file import write_parcel
from yonk.files.seam_log_file import read_test, write_seam_log_csv
from yonk.store import fabrics, seam_log
from yonk.store.blocks import all_own_blocks
from yonk.store.cloth_pictures import all_own_pictures
from yonk.words import in_words


def everything_of(session: Session) -> bytes:
    """A zip of a person's blocks, quilts, fabrics and seam log."""
    packed = io.BytesIO()
    with zipfile.ZipFile(packed, "w", zipfile.ZIP_DEFLATED) as parcel:
        parcel.writestr("README.txt", f"{in_words(message('what-is-in-the-zip'))}\n")
        for number, kept in enumerate(all_own_blocks(session), start=1):
            name = f"{number:04} {_plain(kept.name)}"
            if kept.kind == "quilt":
                parcel.writestr(f"quilts/{name}.quilt.json", kept.document)
                continue
            log, photos = log_file_of(session, kept.id)
            along = photos | cloths_shown(session, kept.document)
            parcel.writestr(f"blocks/{name}.yonk.zip", write_parcel(kept.document, log, along))
        shelf = [
            {"name": one.name, **json.loads(one.document)}
            for one in fabrics.all_own_fabrics(session)
        ]
        parcel.writestr("fabrics.json", json.dumps(shelf, ensure_ascii=False, indent=1))
        for digest, content in all_own_pictures(session).items():
            parcel.writestr(zipfile.ZipInfo(picture_file(digest)), content)
        tests = [(one.sewn, *read_test(one.document)) for one in seam_log.all_tests(session)]
        parcel.writestr("seam log.csv", write_seam_log_csv(tests))
    return packed.getvalue()


def _plain(name: str) -> str:
    return file_name(name)[:80]
