// A joint is drawn for the room there is. The server learns of little room by a cookie, in time for the next page; a joint that is the first page is asked for
// again.
const isTold = () => /(^|; )narrow=/.test(document.cookie);

export function tellRoom() {
  const narrow = matchMedia("(max-width: 600px)");
  const tell = () => { document.cookie = `narrow=1; path=/; SameSite=Strict${narrow.matches ? "" : "; max-age=0"}`; };
  narrow.addEventListener("change", tell);
  const before = isTold();
  tell();
  if (isTold() !== before && document.querySelector(".joint-drawing")) location.reload();
}
