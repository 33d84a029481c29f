// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";

import type { Draft } from "../src/api/client";
import { ClothPattern } from "../src/common/Cloth";
import { Typed } from "../src/common/Typed";
import { AtTheCuttingTable } from "../src/table/AtTheCuttingTable";
import { CuttingList } from "../src/draft/CuttingList";
import { QuiltPicture } from "../src/quilts/QuiltPicture";

afterEach(cleanup);

const queries = () => new QueryClient({ defaultOptions: { queries: { retry: false, enabled: false } } });
const around = (client: QueryClient) =>
  function Around({ children }: { children: ReactNode }) {
    return (
      <QueryClientProvider client={client}>
        <MemoryRouter>{children}</MemoryRouter>
      </QueryClientProvider>
    );
  };

describe("a cloth that has a picture", () => {
  const picture = { file: "fabrics/fog.jpg", address: "/api/cloth/fog.jpg", width: 4, height: 3, exact: ["4", "3"] };
  const fabric = { colour: "#e7e6df", ink: "#000000", print: "directional", direction: 90, picture } as const;
  const pattern = (one: Parameters<typeof ClothPattern>[0]["fabric"], unit?: number) => {
    const drawn = render(
      <svg>
        <ClothPattern fabric={one} index={0} id="one" scale={1} {...(unit ? { unit } : {})} />
      </svg>,
    );
    const found = drawn.container.querySelector("pattern");
    return ["width", "height", "patternTransform"].map((name) => found?.getAttribute(name));
  };

  it("is drawn at its true size, pointing where its print does", () => {
    expect(pattern({ ...fabric, picture: { ...picture, exact: ["4", "3"] } })).toEqual(["4", "3", "rotate(90)"]);
    cleanup();
    expect(pattern({ ...fabric, picture: { ...picture, exact: ["4", "3"] } }, 8).slice(0, 2)).toEqual(["32", "24"]);
  });

  it("is drawn by its mark where the picture is not kept here", () => {
    pattern({ ...fabric, picture: { ...picture, exact: ["4", "3"], address: null } });
    expect(document.querySelector("image")).toBeNull();
    expect(document.querySelector("pattern path")).not.toBeNull();
  });
});

describe("a field that is typed into", () => {
  const field = (fault?: string) => {
    const keep = vi.fn();
    render(<Typed label="wide" value="3" onKeep={keep} fault={fault} />);
    return { keep, input: screen.getByRole<HTMLInputElement>("textbox", { name: "wide" }) };
  };

  it("is kept on Enter, without the blanks around it", async () => {
    const { keep, input } = field();
    await userEvent.clear(input);
    await userEvent.type(input, " 4 1/2 {Enter}");
    expect(keep.mock.calls).toEqual([["4 1/2"]]);
  });

  it("is kept when it is left, and not when nothing changed or all was rubbed out", async () => {
    const { keep, input } = field();
    await userEvent.click(input);
    await userEvent.tab();
    await userEvent.clear(input);
    await userEvent.tab();
    expect(keep).not.toHaveBeenCalled();
    expect(input.value).toBe("3");
    await userEvent.clear(input);
    await userEvent.type(input, "5");
    await userEvent.tab();
    expect(keep).toHaveBeenCalledExactlyOnceWith("5");
  });

  it("puts back what was there on Escape", async () => {
    const { keep, input } = field();
    await userEvent.type(input, "9{Escape}");
    expect(input.value).toBe("3");
    expect(keep).not.toHaveBeenCalled();
  });

  it("says what is wrong where it is typed", () => {
    const { input } = field("must be more than nothing");
    expect(input.getAttribute("aria-invalid")).toBe("true");
    expect(screen.getByRole("alert").textContent).toBe("wide: must be more than nothing");
  });
});

const cut = (id: string, letters: string[], more: object = {}) => ({
  id,
  count: 4,
  what: "squares",
  size: "3 7⁄8″",
  further: "then cut each once on the diagonal",
  purpose: "A, half-square triangle 1",
  units: ["1"],
  letters,
  working: ["3″ finished", "+ 7⁄8″"],
  ...more,
});
const drawn = {
  sheet: {
    blocks: 1,
    all_blocks: 3,
    blank: false,
    schools: [
      { words: "true cut", hers: false, settings: { trim_margin: "0" }, asks: [] },
      { words: "to trim", hers: true, settings: { trim_margin: "1/8" }, asks: ["trim_margin"] },
    ],
    settings: { trim_margin: { value: "1/8" }, seam: { value: "1/4" }, ruler_step: { value: "1/8" } },
  },
  fabrics: [{ key: "fog", name: "Fog", colour: "#e7e6df", value: "light", print: "solid", direction: 0, patches: 2 }],
  faces: [{ fabric: "fog" }, { fabric: "fog" }],
  face_letters: ["A", "B"],
  face_members: [0, 0],
  members: [0],
  held: [{ unit: "1", words: "half-square triangle" }],
  units: [
    {
      label: "1",
      words: "half-square triangle",
      kind: "half-square",
      method: "two",
      way: "two",
      chosen: false,
      methods: [
        { name: "two", words: "two at a time" },
        { name: "eight", words: "eight at a time" },
      ],
      letters: ["A", "B"],
      finished: "3″",
      unfinished: "3 1⁄2″",
      total: 4,
      makes: 6,
      spare: 2,
      reason: "the least cloth",
    },
  ],
  cutting: [{ fabric: "fog", name: "Fog", cuts: [cut("one", ["A"]), cut("two", ["B"], { count: 1 })] }],
  notices: [
    { code: "spares", text: "2 are left over", faces: [1], mends: [{ words: "make eight", act: { do: "undo" } }] },
  ],
} as unknown as Draft;

describe("the cutting list", () => {
  const list = () => {
    const act = vi.fn();
    const light = vi.fn();
    render(
      <CuttingList
        view={drawn}
        act={act}
        onLight={light}
        onPhoto={vi.fn()}
        lit={{ cuts: new Set(["two"]) }}
        faultAt={(place) => (place === "seam" ? "must be more than nothing" : undefined)}
      />,
      { wrapper: around(queries()) },
    );
    return { act, light };
  };

  it("has a line for each cut, count first, and marks what is pointed at on the board", () => {
    list();
    const lines = screen.getAllByRole("listitem").filter((one) => one.classList.contains("cut"));
    expect(lines.map((one) => one.querySelector(".count")?.textContent)).toEqual(["4", "1"]);
    expect(lines.map((one) => one.classList.contains("lit"))).toEqual([false, true]);
    expect(screen.getByText("3 with all colourings")).toBeTruthy();
  });

  it("takes a way for a unit, or none, and shows the faces that a notice is about", async () => {
    const { act, light } = list();
    const ways = screen.getByRole("combobox");
    await userEvent.selectOptions(ways, "eight at a time");
    expect(act).toHaveBeenLastCalledWith([{ do: "method", kind: "half-square", method: "eight" }]);
    await userEvent.selectOptions(ways, "proposed: two at a time");
    expect(act).toHaveBeenLastCalledWith([{ do: "method", kind: "half-square", method: null }]);
    fireEvent.pointerEnter(screen.getByText("2 are left over").closest("li") as Element);
    expect(light).toHaveBeenLastCalledWith([1]);
    await userEvent.click(screen.getByRole("button", { name: "make eight" }));
    expect(act).toHaveBeenLastCalledWith([{ do: "undo" }]);
  });

  it("says a fault at the field that it is about", () => {
    list();
    expect(screen.getByRole("alert").textContent).toBe("Seam allowance: must be more than nothing");
  });
});

describe("the cutting table", () => {
  const piece = (there: number) => ({
    line: 0,
    fabric: "Fog",
    count: 5,
    amount: 5,
    there,
    size: "8″",
    what: "squares",
    further: "",
    purpose: "A",
    thing: "all fog",
    piece: '{"fabric":"fog","width":"8","height":"8"}',
    gone: [{ kind: "cut" as const, thing: "all fog", amount: -1 }],
  });
  const step = (key: string, there: number) => ({
    key,
    fabrics: ["fog"],
    name: "Fog",
    layout: 0,
    strip: 0,
    words: `Fog ${key}`,
    strip_words: "a strip 8″",
    pieces: [piece(there)],
    done: there === 5,
  });
  const at = (key: string | undefined, ...steps: ReturnType<typeof step>[]) => {
    const table = { tell: vi.fn(), takeBack: vi.fn(), last: "Fog", waits: 2, fault: undefined, reset: vi.fn() };
    const props = { onLayers: vi.fn(), onStep: vi.fn(), onClose: vi.fn() };
    render(
      <AtTheCuttingTable
        {...props}
        plan={{ fabrics: [], steps, caution: "Mind the blade." }}
        fabrics={drawn.fabrics}
        table={table}
        layers={1}
        at={key}
      />,
      { wrapper: around(queries()) },
    );
    return { ...props, table };
  };

  it("begins with the first strip that is not done, tells that it is, and goes on", async () => {
    const { table, onStep } = at(undefined, step("one", 5), step("two", 2), step("three", 0));
    expect(screen.getByText("Strip 2 of 3, 1 done")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: /^Done/ }));
    expect(table.tell).toHaveBeenCalledExactlyOnceWith(
      expect.objectContaining({ words: "Fog two", changes: [{ kind: "cut", thing: "all fog", amount: 3 }] }),
    );
    expect(onStep).toHaveBeenCalledExactlyOnceWith("three");
  });

  it("tells nothing of a strip that is done already", async () => {
    const { table, onStep } = at("one", step("one", 5), step("two", 0));
    expect(screen.getByText("Mind the blade.")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: /^Done already/ }));
    expect(table.tell).not.toHaveBeenCalled();
    expect(onStep).toHaveBeenCalledExactlyOnceWith("two");
  });

  it("tells so many, and what is left of one that went wrong", async () => {
    const { table } = at("one", step("one", 0));
    await userEvent.click(screen.getByRole("button", { name: "Only so many" }));
    const many = screen.getByRole("textbox");
    await userEvent.clear(many);
    await userEvent.type(many, "9");
    await userEvent.click(screen.getByRole("button", { name: "So many are cut" }));
    expect(table.tell).toHaveBeenLastCalledWith({
      words: "5 squares 8″",
      changes: [{ kind: "cut", thing: "all fog", amount: 5 }],
    });
    await userEvent.click(screen.getByRole("button", { name: "One went wrong" }));
    await userEvent.type(screen.getByRole("textbox", { name: /^width/ }), "7 1/2");
    await userEvent.type(screen.getByRole("textbox", { name: /^height/ }), "8");
    await userEvent.click(screen.getByRole("button", { name: "Keep that" }));
    const thing = '{"fabric":"fog","width":"7 1/2","height":"8"}';
    expect(table.tell).toHaveBeenLastCalledWith({
      words: "one went wrong of squares 8″",
      changes: [
        { kind: "cut", thing: "all fog", amount: 5 },
        { kind: "cut", thing: "all fog", amount: -1 },
        { kind: "spoiled", thing, amount: 1 },
      ],
    });
  });

  it("has one less of a strip that was done when one of it went wrong", async () => {
    const { table } = at("one", step("one", 5));
    await userEvent.click(screen.getByRole("button", { name: "One went wrong" }));
    await userEvent.click(screen.getByRole("button", { name: "It is of no use" }));
    expect(table.tell).toHaveBeenLastCalledWith({
      words: "one went wrong of squares 8″",
      changes: [{ kind: "cut", thing: "all fog", amount: -1 }],
    });
  });

  it("says what waits for the server, and takes back what was told last", async () => {
    const { table } = at("one", step("one", 0));
    expect(screen.getByText(/^2 entries wait/)).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: /^Take back/ }));
    expect(table.takeBack).toHaveBeenCalledOnce();
  });
});

describe("the places of a quilt", () => {
  const use = (row: number, column: number) => ({
    row,
    column,
    block: "one",
    x: 5 + 10 * column,
    y: 5 + 10 * row,
    angle: 0,
    mirrored: false,
    outline: [],
  });
  const picture = {
    width: 20,
    height: 20,
    top: [0, 0, 20, 20],
    side: [10, 10],
    uses: [use(0, 0), use(0, 1), use(1, 0), use(1, 1)],
    symbols: [
      {
        key: "one",
        greys: ["#888888"],
        faces: [
          {
            colour: "#a3262a",
            outline: [
              [0, 0],
              [10, 0],
              [0, 10],
            ],
          },
        ],
      },
    ],
    cloths: [],
  } as unknown as Parameters<typeof QuiltPicture>[0]["picture"];
  const quilt = () => {
    const props = { onAt: vi.fn(), onKey: vi.fn() };
    const { container } = render(<QuiltPicture picture={picture} label="The top" chosen={["0 1"]} {...props} />);
    return { ...props, places: within(container).getAllByRole("button") };
  };

  it("are called by row and place, the one at hand pressed", () => {
    const { places } = quilt();
    expect(places.map((one) => one.getAttribute("aria-label"))).toEqual([
      "Row 1, place 1",
      "Row 1, place 2",
      "Row 2, place 1",
      "Row 2, place 2",
    ]);
    expect(places.map((one) => one.getAttribute("aria-pressed"))).toEqual(["false", "true", "false", "false"]);
  });

  it("tell which key was pressed at which place", () => {
    const { places, onKey } = quilt();
    fireEvent.keyDown(places[2] as Element, { key: "r" });
    expect(onKey.mock.calls[0]?.[1]).toEqual(picture.uses[2]);
  });
});
