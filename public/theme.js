// Runs before the first paint, so that a dark cellar is not lit by a white flash.
try {
  var theme = localStorage.getItem("vemmick-theme");
  if (theme === "paper" || theme === "low" || theme === "glare") document.documentElement.dataset.theme = theme;
} catch (error) {
  document.documentElement.dataset.theme = "paper";
}
