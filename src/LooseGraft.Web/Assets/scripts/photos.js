// A click on a photograph marks the position that its form names.
export const photo = () => ({
  mark(event) {
    const form = document.getElementById(this.$root.dataset.photo);
    if (!form) return;
    const frame = this.$root.getBoundingClientRect();
    form.elements.x.value = (100 * (event.clientX - frame.left) / frame.width).toFixed(2);
    form.elements.y.value = (100 * (event.clientY - frame.top) / frame.height).toFixed(2);
    form.requestSubmit();
  },
});
