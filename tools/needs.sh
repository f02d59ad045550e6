# What the scripts need on a machine: each function finds it, installs it where that is possible, or names it.

need_dotnet() {
  if ! command -v dotnet >/dev/null || ! dotnet --list-sdks | grep -q '^10\.'; then
    echo "The .NET 10 SDK is missing. Install it from your distribution or from Microsoft, so that 'dotnet --version' says 10." >&2
    exit 1
  fi
}

need_node() {
  if ! command -v npm >/dev/null; then
    echo "Node.js with npm (version 20 or newer) is missing; the build copies fonts and scripts with it." >&2
    exit 1
  fi
}

need_chromium() {
  if command -v chromium >/dev/null && command -v chromedriver >/dev/null; then return; fi
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    echo "Installing chromium and chromium-driver for the browser tests."
    apt-get update -qq
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium chromium-driver >/dev/null
  else
    echo "Chromium and chromedriver are missing; the browser tests need them (Debian: apt-get install chromium chromium-driver)." >&2
    exit 1
  fi
}
