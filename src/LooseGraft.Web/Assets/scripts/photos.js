// A click on a photograph marks what its form names, in per cent of the picture wherever that lies in its frame.
export const photo = () => ({
  mark(event) {
    const form = document.getElementById(this.$root.dataset.photo);
    if (!form) return;
    const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.$root.getScreenCTM().inverse());
    const { width, height } = this.$root.viewBox.baseVal;
    if (place.x < 0 || place.y < 0 || place.x > width || place.y > height) return;
    form.elements.x.value = (100 * place.x / width).toFixed(2);
    form.elements.y.value = (100 * place.y / height).toFixed(2);
    form.requestSubmit();
  },
});
