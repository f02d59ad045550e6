// A joint is drawn for the room there is. The server learns of little room by a cookie, in time for the next page.
export function tellRoom() {
  const narrow = matchMedia("(max-width: 600px)");
  const tell = () => { document.cookie = `narrow=1; path=/; SameSite=Strict${narrow.matches ? "" : "; max-age=0"}`; };
  narrow.addEventListener("change", tell);
  tell();
}
