# Serving a shop: nginx and PHP, two workers, and the keeper that starts each of them again. Read by ./ektype.

declare -A KEEPERS=()

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
must_be_free() { port_is_free "$1" || stop_with "Port $1 is in use by another program. Choose another: ./ektype $2 --port=$(($1 + 1))"; }
a_port() { [[ $1 =~ ^[0-9]+$ ]] && [ "$1" -ge 1 ] && [ "$1" -le 65535 ] || stop_with "“$1” is no port. Use a number from 1024 to 65535."; }

# Starts the keeper of a shop. It ends with the launcher, in whatever way that ends, and all that it keeps with it. What it
# cannot write into its logs on a full disk it tells nobody: told into a file of that disk it would end for it.
keep() {
  EKTYPE_DATA=$(dirname "$1") setsid setpriv --pdeathsig TERM supervisord -c "$1/keeper.conf" >/dev/null 2>&1 </dev/null &
  KEEPERS[$1]=$!
}
# A keeper that was killed is started again; what it kept has gone with it.
watch_over() {
  local here
  while true; do
    wait -n 2>/dev/null || true
    for here in "${!KEEPERS[@]}"; do kill -0 "${KEEPERS[$here]}" 2>/dev/null || keep "$here"; done
    sleep 0.2
  done
}
stop_keepers() {
  trap - EXIT INT TERM HUP
  local here group left
  for here in "${!KEEPERS[@]}"; do kill -TERM "${KEEPERS[$here]}" 2>/dev/null || true; done
  for _ in $(seq 120); do
    left=""
    for here in "${!KEEPERS[@]}"; do kill -0 "${KEEPERS[$here]}" 2>/dev/null && left=yes || true; done
    [ -z "$left" ] && break
    sleep 0.05
  done
  # Work that goes on is taken up again by the next start.
  for here in "${!KEEPERS[@]}"; do
    kill -KILL "${KEEPERS[$here]}" 2>/dev/null || true
    for group in "$here"/*.group; do [ -f "$group" ] && kill -KILL -- "-$(<"$group")" 2>/dev/null || true; done
    rm -f "$here"/*.group
  done
  KEEPERS=()
  wait 2>/dev/null || true
}

# How many files a process may hold open: a place for each caller, and one for what it is answered with.
files_at_hand() {
  local most; most=$(ulimit -Hn)
  if [ "$most" = unlimited ] || [ "$most" -gt 16384 ]; then most=16384; fi
  ulimit -n "$most" 2>/dev/null || most=$(ulimit -n)
  printf '%s' "$most"
}

# serve [names…]: opens the shop in EKTYPE_DATA at PORT, to this machine alone or under the names given.
serve() {
  local here files options=() name; files=$(files_at_hand); ulimit -n "$files" 2>/dev/null || true
  for name in "$@"; do options+=("--name=$name"); done
  here=$("${PHP[@]}" bin/console shop:lay-out-server "$PORT" --user="$SHOP_USER" --files="$files" "${options[@]}") ||
    stop_with "The shop's folder $EKTYPE_DATA cannot be written. Is the disk full?"
  trap stop_keepers EXIT
  trap 'stop_keepers; exit 0' INT TERM HUP
  keep "$here"
  php -r '
    $at = stream_context_create(["http" => ["timeout" => 20, "ignore_errors" => true], "ssl" => ["verify_peer" => false, "verify_peer_name" => false]]);
    for ($began = time(); time() - $began < 30; usleep(50000)) {
        $door = @file_get_contents($argv[1]."/api/door", false, $at);
        if ($door !== false && str_contains($door, "asks")) { exit(0); }
    }
    exit(1);' "$([ $# -gt 0 ] && echo https || echo http)://127.0.0.1:$PORT" || stop_with "The shop did not open; the logs in $EKTYPE_DATA tell why: server.log, nginx.log."
}

# The demo is laid out beside its place and moved there whole: broken off, it is laid out again. Its first job is carried to
# its strike-off before the door opens, the others by the workers afterwards.
lay_out_demo() {
  [ -f "$EKTYPE_DATA/.loaded" ] && return 0
  say "Opening the demo shop: its first job is being separated …"
  local place=$EKTYPE_DATA
  export EKTYPE_DATA="$place.part"
  rm -rf "$EKTYPE_DATA"
  need_shop
  as_shop "${PHP[@]}" bin/console demo:load --first >/dev/null
  touch "$EKTYPE_DATA/.loaded"
  rm -rf "$place"
  mv "$EKTYPE_DATA" "$place"
  export EKTYPE_DATA=$place
}

open_shop() {
  must_be_free "$PORT" "$1"
  if [ -n "$NETWORK" ]; then network_is_there; need_machine network; else need_machine; fi
  # What two sources give is fetched side by side; the pages are built while the demo is laid out.
  (need_node_packages) &
  local nodes=$! built
  need_project
  need_user
  (while kill -0 $nodes 2>/dev/null; do sleep 0.1; done; need_pages) &
  built=$!
  if [ "$1" = demo ]; then lay_out_demo; fi
  need_shop
  wait $nodes || exit 1
  wait $built || exit 1
  if [ -n "$NETWORK" ]; then serve_network; watch_over; return; fi
  serve
  say "Ektype is open at http://127.0.0.1:$PORT   (Ctrl+C closes it)"
  watch_over
}

# The demo behind pages that reload as they are edited.
develop() {
  local behind=8080
  must_be_free "$PORT" dev
  need_machine; need_packages; need_user; lay_out_demo; need_shop
  local pages=$PORT; PORT=$behind; while ! port_is_free "$PORT"; do PORT=$((PORT + 1)); done
  serve
  say "The pages are at http://127.0.0.1:$pages/app/ and reload as they are edited; Ctrl-C ends."
  (cd web && EKTYPE_URL="http://127.0.0.1:$PORT" npx vite --port "$pages" --strictPort)
}
