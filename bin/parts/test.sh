# Every test: static checks, PHPUnit for core and app, the real interface in a browser.

check() { # "What" command…: shows its output only when it fails
  local what=$1 started=$SECONDS out
  shift
  out=$(mktemp)
  if "$@" >"$out" 2>&1; then
    printf '  ok      %s (%d s)\n' "$what" $((SECONDS - started))
    grep -E '^(OK|Tests:|  [0-9]+ passed)' "$out" || true
    rm -f "$out"
  else
    printf '  FAILED  %s\n' "$what"
    cat "$out"
    rm -f "$out"
    failed=1
  fi
}

static_php() {
  check "PHP style" php vendor/bin/php-cs-fixer check --show-progress=none
  check "PHPStan" php -d memory_limit=1G vendor/bin/phpstan analyse --no-progress
  return "$failed"
}

static_web() {
  check "API types match the API document" npm --prefix web run --silent api:check
  check "TypeScript" npm --prefix web run --silent types
  check "ESLint" npm --prefix web run --silent lint
  check "Prettier" npm --prefix web run --silent format:check
  return "$failed"
}

run_tests() {
  local part=${1:-all} started_database=0
  failed=0
  prepare_folders
  install_packages
  install_debian chromium default-jre-headless
  install_php
  install_web
  cd "$root"
  if [ "$part" = all ] || [ "$part" = static ]; then
    static_web &
    static_php || failed=1
    wait $! || failed=1
  fi
  if [ "$part" != static ]; then
    service_users
    as "$db_user" "$pg_bin/pg_ctl" -D "$db_data" status >/dev/null 2>&1 || started_database=1
    database_start
  fi
  if [ "$part" = all ] || [ "$part" = php ]; then
    check "PHPUnit: core" php -d memory_limit=512M vendor/bin/paratest --testsuite core --passthru-php="'-d' 'memory_limit=512M'"
    database_recreate dune_test >/dev/null
    APP_ENV=test run_console dune doctrine:migrations:migrate --no-interaction >>"$var/log/setup.log" 2>&1 || fail "The test database could not be made (more in var/log/setup.log)."
    check "PHPUnit: app" env APP_ENV=test APP_SECRET=test DATABASE_URL="$(database_url dune)" php -d memory_limit=512M vendor/bin/phpunit --testsuite app
  fi
  if [ "$part" = all ] || [ "$part" = browser ]; then
    build_web
    database_recreate dune_browser >/dev/null
    application_prepare dune_browser
    step "Loading the demo data" run_console dune_browser dune:demo
    free_port "$test_port" browser
    server_start browser "$test_port" dune_browser
    check "Browser" env DUNE_ADDRESS="http://127.0.0.1:$test_port" npm --prefix web run --silent test:browser
    server_stop browser
  fi
  if [ "$started_database" -eq 1 ]; then database_stop; fi
  [ "$failed" -eq 0 ] || exit 1
  echo "All tests passed."
}

bench_running() {
  service_users
  if ! alive "$var/run/web-nginx.pid"; then
    echo "The application is not running, so API and browser were not measured. Run bin/dune start first."
    return 0
  fi
  DUNE_ADDRESS="http://127.0.0.1:$web_port" node "$root/web/tools/bench-api.mjs"
  DUNE_ADDRESS="http://127.0.0.1:$web_port" node "$root/web/tools/bench-browser.mjs"
}
