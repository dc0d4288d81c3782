# Installs what is missing: Debian packages, Composer packages, npm packages.

packages_for_serving="php8.2-fpm php8.2-pgsql php8.2-xml php8.2-mbstring php8.2-intl php8.2-curl php8.2-zip nginx-light postgresql-15 pandoc poppler-utils"

missing_packages() {
  local name
  for name in "$@"; do
    dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'ok installed' || printf '%s ' "$name"
  done
}

install_debian() { # packages…
  local missing
  missing=$(missing_packages "$@")
  [ -z "$missing" ] && return 0
  [ "$(id -u)" -eq 0 ] || fail "These Debian packages are missing: $missing— install them with: sudo apt-get install $missing"
  step "Reading Debian's package lists" apt-get update -q
  # shellcheck disable=SC2086
  step "Installing ${missing% }" env DEBIAN_FRONTEND=noninteractive apt-get install -qy --no-install-recommends $missing
}

install_packages() {
  command -v php >/dev/null || fail "PHP is missing. Install PHP 8.2, Composer and Node.js 20 first."
  command -v composer >/dev/null || fail "Composer is missing. Install it first: apt-get install composer"
  command -v npm >/dev/null || fail "Node.js with npm is missing. Install Node.js 20 or newer first."
  # A cluster of the distribution's own is neither needed nor wanted.
  if [ "$(id -u)" -eq 0 ] && [ -n "$(missing_packages postgresql-15)" ]; then
    mkdir -p /etc/postgresql-common
    [ -f /etc/postgresql-common/createcluster.conf ] || printf 'create_main_cluster = false\n' >/etc/postgresql-common/createcluster.conf
  fi
  # shellcheck disable=SC2086
  install_debian $packages_for_serving
}

stamp() { cat "$@" | cksum | cut -d' ' -f1; }

install_php() {
  local now
  now=$(stamp "$root/composer.json")
  [ -f "$root/vendor/autoload.php" ] && [ "$(cat "$root/vendor/.stamp" 2>/dev/null)" = "$now" ] && return 0
  step "Installing Composer packages" composer --working-dir="$root" update --no-interaction --no-progress
  # Some archives hold files that only their owner may read; the web server's user has to read them too.
  chmod -R a+rX "$root/vendor"
  printf '%s' "$now" >"$root/vendor/.stamp"
}

# For the commands that need PHP only.
need_php() {
  command -v php >/dev/null || fail "PHP is missing. Install PHP 8.2 and Composer first."
  if [ ! -f "$root/vendor/autoload.php" ]; then
    mkdir -p "$var/log" "$var/cache"
    composer --working-dir="$root" update --no-interaction --no-progress --ignore-platform-reqs >>"$var/log/setup.log" 2>&1 || fail "The Composer packages could not be installed (more in var/log/setup.log)."
  fi
}

install_web() {
  local now
  now=$(stamp "$root/web/package.json" "$root/web/package-lock.json")
  [ -d "$root/web/node_modules" ] && [ "$(cat "$root/web/node_modules/.stamp" 2>/dev/null)" = "$now" ] && return 0
  step "Installing npm packages" npm --prefix "$root/web" ci --no-audit --no-fund
  printf '%s' "$now" >"$root/web/node_modules/.stamp"
}

build_web() {
  local now
  now=$(find "$root/web/src" "$root/web/public" "$root/web"/*.html "$root/web"/*.json "$root/web"/*.ts "$root/app/openapi.yaml" -type f 2>/dev/null | sort | xargs cat | cksum | cut -d' ' -f1)
  [ -f "$root/web/dist/index.html" ] && [ "$(cat "$root/web/dist/.stamp" 2>/dev/null)" = "$now" ] && return 0
  step "Building the front end" npm --prefix "$root/web" run build
  printf '%s' "$now" >"$root/web/dist/.stamp"
}
