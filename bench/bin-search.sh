#!/usr/bin/env bash
# Searching a bin of 10,000 entries beside a static page of the same application: medians of 200 requests each, and their ratio.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
dotnet build src/LooseGraft.Web --configuration Release --nologo --verbosity quiet
data=$(mktemp -d)
address=http://127.0.0.1:5399
(cd src/LooseGraft.Web && DEMO=none PORT=5399 DATA=$data exec dotnet bin/Release/net10.0/LooseGraft.Web.dll >/dev/null) &
server=$!
trap 'kill $server; wait $server 2>/dev/null || true; rm -rf "$data"' EXIT
until curl -sf $address/health >/dev/null; do sleep 0.2; done
{
  echo "name,kind,quantity,place,note"
  for row in $(seq 10000); do echo "Thing $row,other,$((row % 7 + 1)),box $((row % 40)),of sort $((row % 13))"; done
} >"$data/many.csv"
token=$(curl -s -c "$data/cookies" $address/bin | grep -o '__RequestVerificationToken" type="hidden" value="[^"]*' | head -1 | sed 's/.*value="//')
started=$(date +%s%N)
curl -s -o /dev/null -b "$data/cookies" -F "__RequestVerificationToken=$token" -F "table=<$data/many.csv" -F fileName=many.csv -F heading=true -F currency=EUR \
  -F columns=Name -F columns=Kind -F columns=Quantity -F columns=Place -F columns=Note "$address/bin?handler=Import"
echo "import of 10,000 entries: $((($(date +%s%N) - started) / 1000000)) ms"
median() { for turn in $(seq 220); do curl -s -o /dev/null -w '%{time_total}\n' "$address$1"; done | tail -200 | sort -n | awk '{ t[NR] = $1 } END { print t[int(NR / 2)] * 1000 }'; }
still=$(median /words)
echo "static page: $still ms"
for words in "thing+47" "box+17" "sort+5+box+3" "4711" "nothing"; do
  found=$(median "/bin?words=$words")
  echo "search for “$words”: $found ms, ratio $(awk "BEGIN { printf \"%.2f\", $found / $still }")"
done
