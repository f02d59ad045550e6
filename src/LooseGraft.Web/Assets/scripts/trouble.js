// Words when the application does not answer, or could not take what was sent.
const KEPT = "What you typed is kept here;";

export const trouble = () => ({
  words: "",
  get isSilent() {
    return this.words === "";
  },
  init() {
    document.addEventListener("htmx:sendError", () => this.words = `Not saved: the application does not answer. ${KEPT} try again when it runs.`);
    document.addEventListener("htmx:responseError", (event) => this.words = event.detail.xhr.status === 413
      ? "Not saved: that is too large."
      : `Not saved: the application could not take this. ${KEPT} load the page again and repeat the step.`);
    document.addEventListener("htmx:afterOnLoad", (event) => {
      if (event.detail.xhr.status < 400) this.words = "";
    });
  },
});
