# Checking everything. Read by ./ektype.

PARATEST_CORES=2
SLOW=""

style() { say "— style"; vendor/bin/php-cs-fixer check --quiet --show-progress=none 2>/dev/null || { vendor/bin/php-cs-fixer check --diff --show-progress=none | head -60; stop_with "The PHP style is off: vendor/bin/php-cs-fixer fix mends it."; }; }
types() { say "— types and arrows (PHPStan)"; "${PHP[@]}" vendor/bin/phpstan analyse --no-progress --memory-limit=2G; }
# The tests of PHP on both cores, each process with a shop of its own. The long measure takes more seeds, larger pictures and
# the tests of the group “long”; the short one does without.
php_tests() {
  say "— $1 (PHPUnit)"; shift
  local less=(); [ "${EKTYPE_MEASURE:-short}" = long ] || less=(--exclude-group long)
  rm -f var/setup/tests.xml
  "${PHP[@]}" vendor/bin/paratest --processes=$PARATEST_CORES --passthru-php="-d opcache.enable_cli=1 -d opcache.jit=1054 -d opcache.jit_buffer_size=128M -d memory_limit=2G" \
    --no-progress --log-junit var/setup/tests.xml "${less[@]}" "$@" || { [ -z "$SLOW" ] || slowest; return 1; }
  [ -z "$SLOW" ] || slowest
}
# What the last run of tests spent its time on.
slowest() {
  say "— the slowest fifty"
  php -r '
    $all = [];
    foreach ((new SimpleXMLElement((string) file_get_contents($argv[1])))->xpath("//testcase") as $one) {
        $all[] = [(float) $one["time"], $one["classname"]." ".$one["name"]];
    }
    rsort($all);
    foreach (array_slice($all, 0, 50) as [$s, $name]) { printf("%7.2f s  %s\n", $s, $name); }
    printf("%7.2f s  in all %d tests\n", array_sum(array_column($all, 0)), count($all));' var/setup/tests.xml >&2
}
pages() { say "— pages (TypeScript, lint, vitest)"; (cd web && npx tsc --noEmit && npm run --silent lint && npm run --silent test); }
# Two shops side by side, each with a server and a browser of its own; each test begins with its shop as it opens.
browser() {
  say "— browser (Playwright)"
  local both="$PWD/var/e2e" urls="" shops="" shop
  rm -rf "$both"
  export EKTYPE_DATA="$both/1"
  mkdir -p "$both"
  need_user
  need_shop
  # Laid out as a demo is: the first job here, the others by two workers at once, until nothing waits.
  as_shop "${PHP[@]}" bin/console demo:load --first >/dev/null
  local hand hands=""; for hand in 1 2; do (be_shop "${PHP[@]}" bin/console messenger:consume work --sleep=0.1 -q) >"$both/worker-$hand.log" 2>&1 & hands="$hands $!"; done
  php -r 'for ($began = time(); time() - $began < 300; usleep(200000)) { $shop = new SQLite3($argv[1]); $shop->busyTimeout(5000); if ($shop->querySingle("SELECT COUNT(*) FROM work_queue") === 0) { exit(0); } } exit(1);' "$EKTYPE_DATA/shop.db" ||
    stop_with "The demo of the browser tests was not laid out in five minutes; $both/worker-1.log and the log of the shop tell why."
  kill -TERM $hands; wait $hands || true
  php -r '$shop = new SQLite3($argv[1]); exit($shop->backup(new SQLite3($argv[2])) ? 0 : 1);' "$EKTYPE_DATA/shop.db" "$EKTYPE_DATA/opened.db"
  cp -a "$both/1" "$both/2"
  PORT=8390
  for shop in 1 2; do
    PORT=$((PORT + 1)); while ! port_is_free $PORT; do PORT=$((PORT + 1)); done
    export EKTYPE_DATA="$both/$shop"
    serve
    urls="$urls http://127.0.0.1:$PORT"; shops="$shops $EKTYPE_DATA"
  done
  (cd web && EKTYPE_URLS="${urls# }" EKTYPE_SHOPS="${shops# }" NODE_PATH="$PWD/node_modules" npm run --silent browser -- "$@")
  stop_keepers
}

run_tests() {
  if [ "${1:-}" = --slow ]; then SLOW=yes; shift; fi
  if [ "${2:-}" = --slow ]; then SLOW=yes; set -- "$1"; fi
  if [ "${1:-}" = long ]; then export EKTYPE_MEASURE=long; shift; fi
  need_machine test
  need_project
  case ${1:-all} in
    style) style ;;
    types) types ;;
    core) php_tests core --testsuite core ;;
    app) php_tests application --testsuite application ;;
    web) need_pages; pages ;;
    browser) need_pages; browser ;;
    all) need_pages; style; types; php_tests "core and application"; pages; browser; say "All is well." ;;
    *.php) EKTYPE_MEASURE="${EKTYPE_MEASURE:-short}" "${PHP[@]}" vendor/bin/phpunit "$@" ;;
    *.spec.ts) need_pages; browser "$(basename "$1")" ;;
    *.test.ts | *.test.tsx) need_pages; (cd web && npx vitest run "$(basename "$1")") ;;
    *) stop_with "./ektype test does not know “$1”; it takes style, types, core, app, web, browser, or a file of tests." ;;
  esac
}
