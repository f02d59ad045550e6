// A click on a photograph marks the position that its form names.
export function followPhotos() {
  document.addEventListener("click", (event) => {
    const picture = event.target instanceof Element ? event.target.closest("svg[data-photo]") : null;
    const form = picture && document.getElementById(picture.dataset.photo);
    if (!form) return;
    const frame = picture.getBoundingClientRect();
    form.elements.x.value = (100 * (event.clientX - frame.left) / frame.width).toFixed(2);
    form.elements.y.value = (100 * (event.clientY - frame.top) / frame.height).toFixed(2);
    form.requestSubmit();
  });
}
