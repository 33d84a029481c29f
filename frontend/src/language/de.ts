const files = import.meta.glob<string>("../../../src/yonk/words/de/pages/*.ftl", {
  query: "?raw",
  import: "default",
  eager: true,
});

export default Object.values(files);
