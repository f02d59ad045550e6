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

# compiled FOLDER PROJECT FILE: builds a project of that folder whose sources have changed and prints where its program lies. Where the machine code can be made
# beforehand it is, and the program starts in a fraction of the time; elsewhere it is built as usual.
compiled() {
  local project="$1/src/$2" output="bin/Release/net10.0"
  local ready="$project/$output/linux-x64/publish"
  # One after another: two programs made at once would write into the same folders. What a build leaves running must not keep the lock.
  mkdir -p "$1/src/LooseGraft.Core/obj"
  exec 9>"$1/src/LooseGraft.Core/obj/compiling"
  if command -v flock >/dev/null; then flock 9; fi
  if [ "$(uname -sm)" = "Linux x86_64" ]; then
    if [ -e "$ready/$3" ] && [ -z "$(find "$1/src" "$1/demo" "$1"/*.props \( -name obj -o -name bin -o -name node_modules -o -name lib \) -prune \
      -o -newer "$ready/$3" -type f -print -quit)" ]; then
      echo "$ready/$3"
      return
    fi
    echo "Compiling $2: once, a few minutes." >&2
    if dotnet publish "$project" --configuration Release --property Precompiled=true --nologo --verbosity quiet >&2 9>&-; then
      touch "$ready/$3"
      echo "$ready/$3"
      return
    fi
    echo "The machine code cannot be made beforehand here; it is built as usual." >&2
  fi
  dotnet build "$project" --configuration Release --nologo --verbosity quiet >&2 9>&-
  echo "$project/$output/${3%.dll}.dll"
}

# allot: how the C library of a server keeps memory that .NET does not see. One pool for all threads, for a bench has few and each pool keeps what it once took; and
# what is large, as a photograph is, is given back as soon as it is let go.
allot() {
  export MALLOC_ARENA_MAX="${MALLOC_ARENA_MAX:-1}" MALLOC_MMAP_THRESHOLD_="${MALLOC_MMAP_THRESHOLD_:-1048576}"
}
