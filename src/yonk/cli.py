"""The command line: what `./yonk` hands on once everything is in place."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

import click

from yonk.core.paper import Draft, DraftError, Fault, YonkError
from yonk.core.planning import Plan, make_plan, read
from yonk.files.block_file import BadFileError, block_schema, check_reading, read_block
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.plan_file import plan_schema, write_plan
from yonk.memory import look_seldom

SCHEMAS = [
    "block",
    "plan",
    "sewing",
    "foretold",
    "measures",
    "diagnosis",
    "log",
    "quilt",
    "quilt-plan",
    "table",
    "table-plan",
]


def refuse(faults: tuple[Fault, ...]) -> None:
    """One line a fault on standard error; exit status 2."""
    for fault in faults:
        click.echo(str(fault), err=True)
    sys.exit(2)


@contextmanager
def faults_refused() -> Iterator[None]:
    """What a file or a draft has wrong is told, and the program ends."""
    try:
        yield
    except BadFileError as bad:
        refuse(bad.faults)
    except DraftError as bad:
        refuse((Fault(bad.place, bad.message),))


def in_json(content: object) -> str:
    """The content of a file as it is printed."""
    return json.dumps(content, indent=1, ensure_ascii=False)


@click.group(context_settings={"help_option_names": ["-h", "--help"]})
def main() -> None:
    """Yonk: from a drafted quilt block to a complete, exact cutting list."""
    look_seldom()


@main.command()
@click.argument("file")
@click.option("--blocks", type=int, help="for so many blocks, whatever the file says (1 to 1000)")
@click.option(
    "--json", "as_json", is_flag=True, help="print the plan as JSON (otherwise the list as CSV)"
)
def plan(file: str, blocks: int | None, as_json: bool) -> None:
    """Print the plan of a block FILE (- for standard input)."""
    with faults_refused():
        made = _plan_of(file, blocks)
    click.echo(in_json(write_plan(made)) if as_json else write_cutting_csv(made))


@main.command()
@click.argument("file")
@click.option("--blocks", type=int, help="for so many blocks, whatever the file says (1 to 1000)")
@click.option("--json", "as_json", is_flag=True, help="print the plan as JSON (otherwise a list)")
def sew(file: str, blocks: int | None, as_json: bool) -> None:
    """Print how the block of a FILE is sewn together and pressed (- for standard input)."""
    from yonk.core.pressing import sewing_plan
    from yonk.files.sewing_file import write_sewing
    from yonk.files.sewing_text import write_sewing_text

    with faults_refused():
        made = sewing_plan(_draft_of(file, blocks))
    count = blocks or made.draft.making.blocks
    click.echo(in_json(write_sewing(made, count)) if as_json else write_sewing_text(made, count))


@main.command()
@click.argument("file")
@click.option(
    "--json", "as_json", is_flag=True, help="print the plan as JSON (otherwise the list as CSV)"
)
def quilt(file: str, as_json: bool) -> None:
    """Print the plan of a quilt FILE (- for standard input)."""
    from yonk.core.setting import plan_quilt
    from yonk.core.top import whole_list
    from yonk.files.quilt_file import read_quilt
    from yonk.files.quilt_plan_file import write_quilt_csv, write_quilt_plan

    with faults_refused():
        made = plan_quilt(read_quilt(_text_of(file)))
        output = in_json(write_quilt_plan(made)) if as_json else write_quilt_csv(whole_list(made))
    click.echo(output)


@main.command()
@click.argument("file")
@click.option("--cut-spread", help="spread of a cut width, such as 1/64 (otherwise a first guess)")
@click.option("--seam-error", help="how much more than it should a seam takes up, such as 1/64")
@click.option("--seam-spread", help="its spread from seam to seam")
@click.option("--trim-spread", help="spread of a trimmed unit's width")
@click.option("--tolerance", help="how far off is still good")
@click.option("--json", "as_json", is_flag=True, help="print it as JSON (otherwise a list)")
def foretell(file: str, as_json: bool, **given: str | None) -> None:
    """Print what the block of a FILE will come out as, sewn as exactly as told."""
    from yonk.core.measuring import predict
    from yonk.core.pressing import sewing_plan
    from yonk.files.errors_in import errors_given
    from yonk.files.foretold_file import write_foretold, write_foretold_text

    with faults_refused():
        draft = _draft_of(file, None)
        errors = errors_given(given, draft.unit)
        sewing = sewing_plan(draft)
        made = write_foretold(sewing, predict(sewing, make_plan(draft), errors), errors)
    click.echo(in_json(made) if as_json else write_foretold_text(made))


@main.command()
@click.argument("file")
@click.argument("measures")
@click.option("--json", "as_json", is_flag=True, help="print it as JSON (otherwise in sentences)")
def diagnose(file: str, measures: str, as_json: bool) -> None:
    """Print why the trial block of a FILE came out as the sizes in MEASURES say."""
    from yonk.core.measuring import diagnose as diagnosed
    from yonk.core.measuring import errors_of_evidence, remedies, with_trial
    from yonk.core.pressing import sewing_plan
    from yonk.files.measures_file import read_measures, write_diagnosis, write_diagnosis_text

    with faults_refused():
        draft = _draft_of(file, None)
        sewing = sewing_plan(draft)
        evidence = read_measures(_text_of(measures), sewing)
        errors = errors_of_evidence(evidence, draft.unit)
        found = diagnosed(sewing, make_plan(draft), evidence, errors)
        offered = remedies(found, draft, with_trial(errors, found, draft, draft))
    output = (
        in_json(write_diagnosis(found, offered))
        if as_json
        else write_diagnosis_text(found, offered, sewing)
    )
    click.echo(output)


@main.command()
@click.argument("file")
@click.argument("state")
@click.option("--json", "as_json", is_flag=True, help="as a file for programs")
def table(file: str, state: str, as_json: bool) -> None:
    """Print what lies on the table of a FILE, by STATE, and what is still to be cut."""
    from yonk.core.table import sized_standing
    from yonk.files.table_file import read_table, write_table_plan, write_table_text

    with faults_refused():
        draft = _draft_of(file, None)
        standing = sized_standing(draft, read_table(_text_of(state), make_plan(draft)))
        found = write_table_plan(draft, standing)
    click.echo(in_json(found) if as_json else write_table_text(draft, standing, found))


def _plan_of(file: str, blocks: int | None) -> Plan:
    return make_plan(_draft_of(file, blocks), blocks)


def _text_of(file: str) -> bytes:
    try:
        return sys.stdin.buffer.read() if file == "-" else Path(file).read_bytes()
    except OSError as fault:
        raise BadFileError([Fault(file, f"cannot be read ({fault.strerror})")]) from None


def _draft_of(file: str, blocks: int | None) -> Draft:
    if blocks is not None and not 1 <= blocks <= 1000:
        raise BadFileError([Fault("--blocks", "must be from 1 to 1000")])
    draft = read_block(_text_of(file))
    check_reading(read(draft))
    return draft


@main.command(name="print")
@click.argument("file", type=click.Path(exists=True, dir_okay=False, path_type=Path))
@click.argument("folder", type=click.Path(file_okay=False, path_type=Path))
def print_file(file: Path, folder: Path) -> None:
    """Print a PDF FILE on the stand-in printer: a picture of each page in FOLDER."""
    from yonk.machine.printer import PrinterError, print_pages

    try:
        for page in print_pages(file.read_bytes(), folder, file.stem):
            click.echo(page)
    except PrinterError as fault:
        refuse((Fault(str(file), str(fault)),))


@main.command()
@click.argument("file", type=click.Path(exists=True, dir_okay=False, path_type=Path))
@click.argument("picture", type=click.Path(dir_okay=False, path_type=Path), required=False)
def machine(file: Path, picture: Path | None) -> None:
    """Cut a DXF FILE on the simulated machine: how far the blade travels; what it cuts as an SVG
    PICTURE.
    """
    from yonk.machine.cutting_machine import MachineFileError, read_job

    try:
        job = read_job(file.read_text(encoding="utf-8", errors="replace"))
    except MachineFileError as fault:
        refuse((Fault(str(file), str(fault)),))
        return
    if picture:
        picture.write_text(job.picture(), encoding="utf-8")
    click.echo(
        f"{len(job.paths)} pieces, the blade travels {job.cut_length:.1f} {job.unit} in the cloth "
        f"and {job.moved_length:.1f} {job.unit} lifted."
    )


@contextmanager
def _refused_by_the_machine() -> Iterator[None]:
    """What is in the way on this machine is said, and the program ends."""
    from yonk.machine.database_server import MachineError

    try:
        yield
    except (MachineError, YonkError) as fault:
        click.echo(str(fault), err=True)
        sys.exit(1)
    except KeyboardInterrupt:
        pass


def _start(samples: bool, port: int) -> None:
    # imported here so that a plan needs neither database nor web server
    from yonk.machine.serve import run

    with _refused_by_the_machine():
        run(samples=samples, port=port, say=click.echo)


@main.command()
@click.option("--port", default=8765, show_default=True, help="the port on this machine")
def demo(port: int) -> None:
    """Open Yonk with sample blocks."""
    _start(samples=True, port=port)


@main.command()
@click.option("--port", default=8765, show_default=True, help="the port on this machine")
def start(port: int) -> None:
    """Open Yonk."""
    _start(samples=False, port=port)


@main.command()
@click.option("--settings", "shown", is_flag=True, help="print the settings, and start nothing")
def serve(shown: bool) -> None:
    """Serve a guild with accounts; told by variables YONK_… of the environment."""
    from yonk.machine.serve import serve as served
    from yonk.machine.settings import settings_given, settings_in_words

    if shown:
        click.echo(settings_in_words())
        return
    with _refused_by_the_machine():
        served(settings_given(), say=lambda words: click.echo(words, err=True))


@main.command()
@click.option("--port", default=8765, show_default=True, help="the port on this machine")
def cluster(port: int) -> None:
    """Try a cluster on this machine: three database nodes, two servers, HAProxy before them."""
    import signal

    from yonk.machine.cluster import Cluster
    from yonk.machine.serve import data_folder

    with _refused_by_the_machine():
        signal.signal(signal.SIGTERM, lambda *_: sys.exit(0))
        made = Cluster(data_folder() / "cluster", port)
        try:
            made.start(click.echo)
            click.echo(f"Yonk is ready at {made.address}  (Ctrl-C ends it)")
            click.echo(f"Its first account: {made.account_command}")
            signal.pause()
        finally:
            made.stop()


@main.command("node-check")
@click.option("--port", default=9200, show_default=True, help="the port on loopback")
def node_check(port: int) -> None:
    """Tell over HTTP whether the node that YONK_DATABASE names takes part in its cluster."""
    import signal

    from yonk.machine.node_check import check_over_http
    from yonk.machine.settings import settings_given

    with _refused_by_the_machine():
        database = settings_given().database
        if database is None:
            raise YonkError(Fault("", "YONK_DATABASE must name the node."))
        check_over_http(database.get_secret_value(), port)
        signal.pause()


@main.command()
@click.argument("name")
@click.option("--link", is_flag=True, help="print a link by which she chooses a new password")
@click.option("--sign-out", "out", is_flag=True, help="sign her out of every browser")
@click.option("--suspend/--let-in", "suspended", default=None, help="may she sign in or not")
@click.option("--remove", is_flag=True, help="delete her account and all that is hers, for good")
def account(name: str, link: bool, out: bool, suspended: bool | None, remove: bool) -> None:
    """Make the account of a keeper of the guild, who invites the others; the password is asked for,
    or read from standard input. With an option, do that for the account that is there.
    """
    from yonk.machine.accounts import do_for, make_keeper

    with _refused_by_the_machine():
        if link or out or remove or suspended is not None:
            for words in do_for(name, link=link, out=out, suspended=suspended, remove=remove):
                click.echo(words)
            return
        if sys.stdin.isatty():
            password = click.prompt("Password", hide_input=True, confirmation_prompt=True)
        else:
            password = sys.stdin.readline().rstrip("\n")
        click.echo(make_keeper(name, password))


@main.command()
@click.argument("file", type=click.Path(dir_okay=False, path_type=Path))
def backup(file: Path) -> None:
    """Write everything that is kept to FILE, as it is at one moment; Yonk may run meanwhile."""
    from yonk.machine.backup import back_up
    from yonk.machine.serve import database_address
    from yonk.machine.settings import settings_given

    with _refused_by_the_machine(), database_address(settings_given()) as address:
        click.echo(f"{file} is written; its checksum is {back_up(address, file)}.")


@main.command()
@click.argument("file", type=click.Path(dir_okay=False, path_type=Path))
@click.option("--over", is_flag=True, help="put it in the place of what is there now")
def restore(file: Path, over: bool) -> None:
    """Bring back what a backup FILE holds; stop Yonk first."""
    from yonk.machine.backup import restore as restored
    from yonk.machine.serve import database_address
    from yonk.machine.settings import settings_given

    with _refused_by_the_machine(), database_address(settings_given()) as address:
        restored(address, file, over=over)
        click.echo(f"What {file} holds is back.")


@main.command()
def openapi() -> None:
    """Print the OpenAPI document that the front end's types are made from."""
    from yonk.api.app import create_app

    click.echo(json.dumps(create_app(None).openapi(), indent=1, sort_keys=True))


@main.command()
@click.argument("kind", type=click.Choice(SCHEMAS))
def schema(kind: str) -> None:
    """Print the JSON Schema of one of the open formats."""
    from yonk.files.foretold_file import foretold_schema
    from yonk.files.log_file import log_schema
    from yonk.files.measures_file import diagnosis_schema, measures_schema
    from yonk.files.quilt_file import quilt_schema
    from yonk.files.quilt_plan_file import quilt_plan_schema
    from yonk.files.sewing_file import sewing_schema
    from yonk.files.table_file import table_plan_schema, table_schema

    schemas = {
        "block": block_schema,
        "plan": plan_schema,
        "sewing": sewing_schema,
        "foretold": foretold_schema,
        "measures": measures_schema,
        "diagnosis": diagnosis_schema,
        "log": log_schema,
        "quilt": quilt_schema,
        "quilt-plan": quilt_plan_schema,
        "table": table_schema,
        "table-plan": table_plan_schema,
    }
    click.echo(json.dumps(schemas[kind](), indent=1))
