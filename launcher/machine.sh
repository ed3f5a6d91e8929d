# What the machine must have, and what is built once and again when it has changed. Read by ./ektype.

missing_packages() {
  local missing=() extension
  command -v php >/dev/null || missing+=(php8.2-cli)
  if command -v php >/dev/null; then
    local modules; modules=$(php -m)
    for extension in pdo_sqlite:sqlite3 curl:curl zip:zip gd:gd imagick:imagick gmp:gmp mbstring:mbstring intl:intl dom:xml; do
      grep -qix "${extension%%:*}" <<<"$modules" || missing+=("php8.2-${extension##*:}")
    done
  fi
  command -v composer >/dev/null || missing+=(composer)
  command -v node >/dev/null || missing+=(nodejs)
  command -v npm >/dev/null || missing+=(npm)
  command -v unzip >/dev/null || missing+=(unzip)
  command -v rsvg-convert >/dev/null || missing+=(librsvg2-bin)
  command -v tiffcp >/dev/null || missing+=(libtiff-tools)
  command -v fc-list >/dev/null || missing+=(fontconfig)
  command -v pdftoppm >/dev/null || missing+=(poppler-utils)
  if [ "${1:-}" != console ]; then
    [ -x /usr/sbin/nginx ] || missing+=(nginx-light)
    compgen -G "/usr/sbin/php-fpm*" >/dev/null || missing+=(php8.2-fpm)
    command -v supervisord >/dev/null || missing+=(supervisor)
  fi
  if [ "${1:-}" = test ]; then
    [ -x /usr/bin/chromium ] || missing+=(chromium)
  fi
  if [ "${1:-}" = network ] || [ "${1:-}" = test ]; then
    command -v openssl >/dev/null || missing+=(openssl)
  fi
  printf '%s\n' "${missing[@]:-}" | sort -u | sed '/^$/d'
}

# Another installation on the machine may hold Debian's lock, and a list may be old by an hour: waited for, and tried again.
apt() { DEBIAN_FRONTEND=noninteractive apt-get -qq -o DPkg::Lock::Timeout=300 -o APT::Get::Lock::Timeout=300 -o Acquire::Retries=3 "$@"; }
from_debian() {
  local try
  for try in 1 2 3; do
    apt update && apt install -y --no-install-recommends "$@" && return 0
    sleep $((3 * try))
  done
  return 1
}

need_machine() {
  command -v php >/dev/null && ! php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' &&
    stop_with "Ektype needs PHP 8.2 or newer; this machine has $(php -r 'echo PHP_VERSION;'). Install php8.2-cli and start again."
  local missing; missing=$(missing_packages "${1:-}" | tr '\n' ' ')
  if [ -n "${missing// /}" ]; then
    [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null ||
      stop_with "Ektype needs these Debian packages, and this user may not install them: $missing– ask someone with the right to run: apt-get install $missing"
    say "Installing from Debian: $missing"
    from_debian $missing >var/setup/apt.log 2>&1 ||
      stop_with "The Debian packages could not be installed; var/setup/apt.log tells why. They are: $missing"
    # The shop starts its own; a server that Debian starts beside it, open to everybody, is not wanted.
    case $missing in *nginx* | *fpm* | *supervisor*) systemctl disable --now nginx php8.2-fpm supervisor >/dev/null 2>&1 || true ;; esac
  fi
  node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=19)?0:1)' ||
    stop_with "Ektype builds its pages with Node 20.19 or newer; this machine has $(node --version). Install a newer Node."
}

# The command line looks the machine over once, and again when PHP or Node are others.
machine() { stat -L -c '%n %Y %s' "$(command -v php)" "$(command -v node)" "$(command -v rsvg-convert)" 2>/dev/null; }
known_machine() { [ -f "$STAMPS/machine" ] && [ "$(machine)" = "$(cat "$STAMPS/machine")" ]; }
remember_machine() { machine >"$STAMPS/machine"; }
# What reckons in a blink is done before a compiler for it has warmed up; pictures and films want it.
small_reckoning() {
  case $1 in register:read) ;; exposure:* | flash:* | press:rhythm | mesh:* | register:* | darkroom:* | dots:* | steptest:plan | stencil:* | plates:*) PHP=(php -d memory_limit=2G -d display_errors=stderr) ;; esac
}

# runs a step only when what it depends on has changed: stamped NAME "inputs…" command…
stamped() {
  local name=$1 inputs=$2; shift 2
  local now; now=$(cat $inputs 2>/dev/null | sha256sum | cut -d' ' -f1)
  [ "$(cat "$STAMPS/$name" 2>/dev/null || true)" = "$now" ] && return 0
  "$@" >"$STAMPS/$name.log" 2>&1 || { tail -n 15 "$STAMPS/$name.log" >&2; stop_with "Setting up broke off at “$name”; $STAMPS/$name.log has the whole of it."; }
  printf '%s' "$now" >"$STAMPS/$name"
}

php_packages() {
  composer update -d tools/symfony --no-autoloader --no-progress --no-scripts --no-audit
  composer update --no-progress --no-scripts --no-audit
  # The shop works as a user of its own, whatever rights the packages came with.
  chmod -R go+rX vendor
}
node_packages() { (cd web && npm ci --no-audit --no-fund); }
sources() { find core src config migrations -type f | sort | tr '\n' ' '; }
fresh_code() { rm -rf var/cache; composer dump-autoload --no-scripts -q; "${PHP[@]}" bin/console cache:warmup; }
# Types are looked at by the tests; here the pages are only built.
front_end() {
  "${PHP[@]}" bin/console openapi:write var/openapi.json
  (cd web && npm run --silent types && npx vite build)
}

need_node_packages() {
  [ -d web/node_modules ] || rm -f "$STAMPS/node-packages"
  [ -f "$STAMPS/node-packages" ] || say "Fetching the packages of the pages …"
  stamped node-packages "web/package.json web/package-lock.json" node_packages
}
need_project() {
  [ -d vendor ] || rm -f "$STAMPS/php-packages"
  [ -d var/cache ] || rm -f "$STAMPS/code"
  [ -f "$STAMPS/php-packages" ] || say "Fetching the PHP packages …"
  stamped php-packages "composer.json tools/symfony/composer.json" php_packages
  stamped code "composer.json $(sources)" fresh_code
}
need_pages() {
  [ -f public/app/index.html ] || rm -f "$STAMPS/front-end"
  need_node_packages
  [ -f "$STAMPS/front-end" ] || say "Building the pages …"
  stamped front-end "$(find web/src web/index.html web/vite.config.ts web/tsconfig.json web/package.json src/Api src/Query -type f -not -path "*/generated/*" | sort | tr '\n' ' ')" front_end
}
# What two sources give is fetched side by side.
need_packages() {
  (need_node_packages) &
  local nodes=$!
  need_project
  wait $nodes || exit 1
}

# --- whose the shop is ------------------------------------------------------------------------------------------------

# Started by root, the shop works as a user of its own, who can do nothing else; unless the project lies where only root may look.
SHOP_USER=""
as_shop() { if [ -n "$SHOP_USER" ]; then setpriv --reuid="$SHOP_USER" --regid="$SHOP_USER" --clear-groups "$@"; else "$@"; fi; }
# The same in place of the shell that calls it, so that who ends that ends this.
be_shop() { if [ -n "$SHOP_USER" ]; then exec setpriv --reuid="$SHOP_USER" --regid="$SHOP_USER" --clear-groups "$@"; else exec "$@"; fi; }
need_user() {
  [ "$(id -u)" = 0 ] || return 0
  id ektype >/dev/null 2>&1 || useradd --system --no-create-home --shell /usr/sbin/nologin ektype >/dev/null 2>&1 || return 0
  SHOP_USER=ektype
  local beside; beside=$(dirname "$EKTYPE_DATA"); while [ ! -d "$beside" ]; do beside=$(dirname "$beside"); done
  if ! as_shop test -r "$ROOT/public/index.php" || ! as_shop test -x "$beside"; then
    SHOP_USER=""
    say "The shop runs as root: the user “ektype” may not look into $ROOT or $beside. Put both where it may, such as /opt."
  fi
}
own_shop() {
  [ -n "$SHOP_USER" ] || return 0
  chown -R "$SHOP_USER:$SHOP_USER" "$EKTYPE_DATA" "$ROOT/var/cache"
}

need_shop() {
  mkdir -p "$EKTYPE_DATA" 2>/dev/null && chmod 700 "$EKTYPE_DATA" && [ -w "$EKTYPE_DATA" ] || stop_with "The shop's folder $EKTYPE_DATA cannot be written. Is the disk full, or the folder not yours?"
  own_shop
  as_shop "${PHP[@]}" bin/console shop:open || exit 1
}
