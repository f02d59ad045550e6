#!/usr/bin/env bash
# How fast the application is, against the page of words and keys in the same run: every page of every demo, a shelf of 200 grafts, a save, the first page after a
# start, a check from the shell, and the memory of the server. Says which demands do not hold, and ends with 1 then. REQUESTS (20,000) may be set in the environment.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
. ./tools/needs.sh
server_program=$(compiled "$PWD" LooseGraft.Web LooseGraft.Web.dll)
shell_program=$(compiled "$PWD" LooseGraft.Cli loosegraft)
allot
requests=${REQUESTS:-20000}
work=$(mktemp -d)
at=http://127.0.0.1:5399
trap 'kill $server 2>/dev/null || true; wait $server 2>/dev/null || true; rm -rf "$work"' EXIT
broken=0
# Seconds after which a bench that nobody uses has given back what it does not need.
rest=8

start() {
  (cd "$(dirname "$server_program")" && PORT=5399 DATA=$1 COPIES=none exec dotnet "$server_program" >"$work/log") &
  server=$!
  until curl -sf $at/health >/dev/null; do sleep 0.02; done
}
stop() { kill $server; wait $server 2>/dev/null || true; }
# Memory of its own: what the system cannot take back and read again from the program's files.
memory() { awk '/RssAnon|RssShmem/ { sum += $2 } END { printf "%d", sum / 1024 }' /proc/$server/status; }
resident() { awk '/VmRSS/ { printf "%d", $2 / 1024 }' /proc/$server/status; }
# median COUNT PAGE: milliseconds of a request on a line of its own.
median() { curl -s -H 'Connection: close' -o /dev/null -w '%{time_total}\n' "$at$2#[1-$1]" | sort -n | awk '{ t[NR] = $1 } END { printf "%.2f", t[int((NR + 1) / 2)] * 1000 }'; }
# say WHAT FOUND MOST UNIT
say() {
  local verdict=holds
  if awk "BEGIN { exit !($2 > $3) }"; then verdict="DOES NOT HOLD"; broken=1; fi
  printf '%-52s %9s %s, at most %s: %s\n' "$1" "$2" "$4" "$3" "$verdict"
}

# The demos as they are, and their pages as links lead to them.
started=$(date +%s%N)
start "$work/demos"
echo "server up: $((($(date +%s%N) - started) / 1000000)) ms"
curl -s -o /dev/null "$at/"
until ! curl -s "$at/" | grep 'being worked out' >/dev/null; do sleep 0.05; done
first=$(curl -s -o /dev/null -w '%{time_total}' "$at/graft/4/wire")
say "first Wire page once the shelf stands" "$(awk "BEGIN { print $first * 1000 }")" 300 ms
links() { curl -s "$at$1" | grep -o 'href="/[^"#]*' | sed 's/href="//; s/&amp;/\&/g' | grep -v -E '/file$|\.(csv|pdf|svg|dxf|txt|css|js|ico)|^/(lib|leaf|photos|copies/archive)' | sed 's/?.*//' || true; }
{ echo /; links /; } | sort -u >"$work/pages"
for depth in 1 2; do
  while read -r page; do links "$page"; done <"$work/pages" | sort -u - "$work/pages" >"$work/more"
  mv "$work/more" "$work/pages"
done
for page in $(cat "$work/pages"); do median 5 "$page" >/dev/null; done
for page in $(cat "$work/pages"); do median 20 "$page" >/dev/null; done
words=$(median 200 /words)
echo "page of words and keys: $words ms"
most=$(awk "BEGIN { m = 5 * $words; if (m < 12) m = 12; print m }")
for page in $(cat "$work/pages"); do echo "$(median 40 "$page") $page"; done | sort -rn >"$work/times"
echo "$(wc -l <"$work/times") pages; the slowest:"
head -8 "$work/times" | while read -r time page; do printf '  %-50s %9s ms, %s ×\n' "$page" "$time" "$(awk "BEGIN { printf \"%.1f\", $time / $words }")"; done
say "slowest page" "$(head -1 "$work/times" | cut -d' ' -f1)" "$most" ms

# One edit: the aim of a graft, saved again and again upon its newest revision.
curl -s "$at/graft/4/file" -o "$work/ferry.json"
token() { curl -s -b "$work/cookies" -c "$work/cookies" "$at$1" | grep -o '__RequestVerificationToken" type="hidden" value="[^"]*' | head -1 | sed 's/.*value="//'; }
secret=$(token /graft/4)
for turn in $(seq 260); do
  revision=$(curl -s -b "$work/cookies" "$at/graft/4" | grep -o 'name="Revision" value="[0-9]*' | head -1 | grep -o '[0-9]*$')
  curl -s -o /dev/null -b "$work/cookies" -w '%{time_total} %{http_code}\n' --data-urlencode "__RequestVerificationToken=$secret" -d "Revision=$revision" \
    -d "name=The ferry radiogram" -d "donor=Ovrell" -d "shell=Dunmarrow" -d "currency=EUR" -d "aim=turn $turn" "$at/graft/4?handler=About"
done >"$work/saves"
[ "$(cut -d' ' -f2 "$work/saves" | sort -u)" = 302 ] || { echo "a save was not taken: $(sort -k2 "$work/saves" | head -1)"; broken=1; }
save=$(tail -60 "$work/saves" | sort -n | awk '{ t[NR] = $1 } END { printf "%.2f", t[30] * 1000 }')
# Six times the page of words, or of the 1.5 ms it took when that was demanded.
say "save of one edit" "$save" "$(awk "BEGIN { m = 6 * $words; if (m < 9) m = 9; print m }")" ms
echo "  that is $(awk "BEGIN { printf \"%.1f\", $save / $words }") × the page of words of this run"

# A shelf of 200, and all pages of 50 grafts.
for copy in $(seq 196); do
  curl -s -o /dev/null -b "$work/cookies" -F "__RequestVerificationToken=$secret" -F "file=@$work/ferry.json" "$at/?handler=Import"
done
until ! curl -s "$at/" | grep 'being worked out' >/dev/null; do sleep 0.2; done
median 20 / >/dev/null
say "shelf of $(curl -s "$at/" | grep -c 'class="shelf-tag"') grafts" "$(median 60 /)" "$(awk "BEGIN { print 4 * $words }")" ms
stop
start "$work/demos"
for graft in $(seq 4 53); do grep '^/graft/4' "$work/pages" | sed "s|^/graft/4|$at/graft/$graft|; s|\$|#[1-1]|" | xargs curl -s -o /dev/null || true; done >/dev/null
echo "memory of its own while every page of 50 grafts is visited: $(memory) MB"
sleep $rest
before=$(memory)
say "memory of its own after every page of 50 grafts" "$before" 200 MB
echo "resident with the pages of its files: $(resident) MB"
left=$requests
while [ "$left" -gt 0 ]; do
  for page in $(shuf -n 20 "$work/pages"); do curl -s -o /dev/null "$at$page#[1-50]"; left=$((left - 50)); done
done
sleep $rest
say "more after $requests more requests" "$(($(memory) - before))" 20 MB
stop

# From the shell, the best of ten: a machine that does something else as well is not what is measured.
for turn in $(seq 10); do
  started=$(date +%s%N)
  "$shell_program" check demo/ferry-radiogram.json >/dev/null || true
  echo $((($(date +%s%N) - started) / 1000000))
done | sort -n >"$work/checks"
say "check from the shell, best of ten" "$(head -1 "$work/checks")" 500 ms
exit $broken
