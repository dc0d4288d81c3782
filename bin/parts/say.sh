# Progress and trouble, one line each.

fail() {
  printf 'dune: %s\n' "$*" >&2
  exit 2
}

# step "What happens" command…: runs it with its output in the log; on failure one clear line.
step() {
  local what=$1 started=$SECONDS
  shift
  printf '  %s … ' "$what"
  if "$@" >>"$var/log/setup.log" 2>&1; then
    printf 'done (%d s)\n' $((SECONDS - started))
  else
    printf 'failed\n'
    local last
    last=$(grep -v '^\s*$' "$var/log/setup.log" | tail -n 1 | cut -c1-200)
    fail "$what did not work: $last (more in var/log/setup.log)"
  fi
}

prepare_folders() {
  mkdir -p "$var/log" "$var/run" "$var/cache" 2>/dev/null || fail "The folder var/ cannot be written. Check who owns the project's folder."
  local free
  free=$(df -Pk "$var" | awk 'NR == 2 { print $4 }')
  [ "$free" -gt 1500000 ] || fail "The disk is nearly full: $((free / 1024)) MB are free, about 1.5 GB are needed."
  { : >"$var/log/setup.log"; } 2>/dev/null || fail "The folder var/log cannot be written. Check who owns the project's folder."
}

# The users that serve: unprivileged ones when started by root, as long as they can reach the project's folder.
service_users() {
  db_user='' web_user='' db_data="$var/postgres"
  if [ "$(id -u)" -eq 0 ]; then
    db_user=postgres
    if runuser -u www-data -- test -r "$root/bin/dune" 2>/dev/null; then
      web_user=www-data
    else
      web_user=root
      db_data="/var/tmp/dune-pocket-$(printf '%s' "$root" | cksum | cut -d' ' -f1)"
    fi
  fi
}

as() { # as USER command…: as that user, or as oneself when USER is empty
  local user=$1
  shift
  if [ -n "$user" ] && [ "$user" != root ]; then runuser -u "$user" -- "$@"; else "$@"; fi
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

alive() { [ -f "$1" ] && kill -0 "$(cat "$1" 2>/dev/null)" 2>/dev/null; }

free_port() { # PORT INSTANCE
  if port_taken "$1" && ! alive "$var/run/$2-nginx.pid"; then
    fail "Port $1 is in use. Stop what uses it, or choose another: DUNE_PORT=8081 bin/dune start"
  fi
}
