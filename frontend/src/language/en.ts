const files = import.meta.glob<string>("../../../src/yonk/words/en/pages/*.ftl", {
  query: "?raw",
  import: "default",
  eager: true,
});

export default Object.values(files);
