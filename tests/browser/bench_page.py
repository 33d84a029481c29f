"""The Draft step as a hand uses it."""

from __future__ import annotations

import re

from playwright.sync_api import Locator, Page, expect

PAINTED = "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))"


class BenchPage:
    """Drafts by mouse and reads the list off the page."""

    def __init__(self, page: Page) -> None:
        self.page = page
        self.grid = (3, 3)

    def start(self, name: str, width: str, height: str, columns: int, rows: int) -> None:
        self.grid = columns, rows
        self.page.get_by_role("button", name="Start a block").first.click()
        for label, value in (
            ("Name", name),
            ("Finished width", width),
            ("Finished height", height),
            ("Columns", str(columns)),
            ("Rows", str(rows)),
        ):
            self.page.get_by_label(label, exact=True).fill(value)
        self.page.get_by_role("button", name="Draft it").click()
        expect(self.board).to_be_visible()

    @property
    def board(self) -> Locator:
        return self.page.get_by_role("application")

    def spot(self, column: float, row: float) -> tuple[float, float]:
        """Where a point of an even grid lies on the screen."""
        view = [float(part) for part in (self.board.get_attribute("viewBox") or "").split()]
        width, height = view[2] + 2 * view[0], view[3] + 2 * view[1]
        box = self.board.bounding_box()
        assert box
        scale = min(box["width"] / view[2], box["height"] / view[3])
        left = box["x"] + (box["width"] - scale * view[2]) / 2 - view[0] * scale
        top = box["y"] + (box["height"] - scale * view[3]) / 2 - view[1] * scale
        return left + scale * width * column / self.grid[0], top + scale * height * row / self.grid[
            1
        ]

    def painted(self) -> None:
        """Wait until what was answered is on the screen."""
        self.page.evaluate(PAINTED)

    def touch(self, column: float, row: float) -> None:
        with self.answered():
            self.page.mouse.click(*self.spot(column, row))

    def drag(self, start: tuple[float, float], end: tuple[float, float]) -> None:
        with self.answered():
            self.page.mouse.move(*self.spot(*start))
            self.page.mouse.down()
            self.page.mouse.move(*self.spot(*end), steps=4)
            self.page.mouse.up()

    def answered(self):  # type: ignore[no-untyped-def]
        return self.page.expect_response(lambda response: response.url.endswith("/api/draft"))

    def tool(self, name: str) -> None:
        self.page.get_by_role("radio", name=name, exact=True).click()

    def unit(self, words: str) -> None:
        self.page.get_by_role("radiogroup", name="Units to put in").get_by_role(
            "radio", name=words, exact=True
        ).click()

    def mates(self, words: str) -> None:
        self.page.get_by_role("combobox", name="Mates").select_option(label=words)

    def take(self, slot: int, fabric: str) -> None:
        self.page.get_by_role("radiogroup", name="Fabrics in hand").get_by_role("radio").nth(
            slot - 1
        ).click()
        self.page.get_by_role("button", name=re.compile(f"^Take {fabric} in hand")).click()

    def add_fabric(self, name: str, colour: str, value: str = "medium") -> None:
        changes = self.page.get_by_role("list", name="Fabrics of the block").get_by_role(
            "button", name="Change"
        )
        before = changes.count()
        self.page.get_by_role("button", name="+ fabric").click()
        expect(changes).to_have_count(before + 1)
        changes.last.click()
        dialog = self.page.get_by_role("dialog")
        dialog.get_by_label("Name").fill(name)
        dialog.get_by_label("Colour").fill(colour)
        dialog.get_by_label("Value").select_option(value)
        with self.answered():
            dialog.get_by_role("button", name="Keep").click()
        expect(dialog).to_have_count(0)

    def on_the_edge(self) -> None:
        """Open the size and the grid, which stand on the paper's edge."""
        edge = self.page.get_by_role("button", name="Size and grid")
        if edge.get_attribute("aria-expanded") != "true":
            edge.click()

    def keep(self, label: str, value: str) -> None:
        """Type into a small field and press Enter."""
        if label in {"Finished width", "Finished height", "Columns", "Rows"}:
            self.on_the_edge()
        field = self.page.get_by_label(label, exact=True)
        with self.answered():
            field.fill(value)
            field.press("Enter")

    def cutting(self) -> set[str]:
        """The list as it reads, without *cut*: ``Fabric: count what size further``."""
        lines = set()
        for article in self.page.locator(".list-body article").all():
            fabric = article.locator("h3").inner_text().strip()
            for cut in article.locator(".cut summary").all():
                count, what = cut.locator(".count").inner_text(), cut.locator(".what")
                purpose = what.locator("small").inner_text()
                words = " ".join(what.inner_text().replace(purpose, "").split())
                assert " cut " in words
                words = words.replace(" cut ", " ", 1)
                lines.add(f"{fabric}: {count} {words}".replace("⁄", "/"))
        return lines

    def units(self) -> list[str]:
        texts = self.page.locator(".units li .what").all_inner_texts()
        return [text.split("\n")[0] for text in texts]

    def saved(self) -> None:
        expect(self.page.locator(".save-sign")).to_have_text("Saved")
