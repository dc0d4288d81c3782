# PostgreSQL on loopback, in a data folder of the project's own.

pg_bin=/usr/lib/postgresql/15/bin

database_start() {
  service_users
  if [ ! -f "$db_data/PG_VERSION" ]; then
    mkdir -p "$db_data"
    (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '+/=\n' >"$var/run/db-password")
    local password_file="$db_data.pw"
    cp "$var/run/db-password" "$password_file"
    if [ -n "$db_user" ]; then chown "$db_user" "$db_data" "$password_file"; fi
    chmod 700 "$db_data"
    step "Making the database's folder" as "$db_user" "$pg_bin/initdb" -D "$db_data" -U dune --pwfile="$password_file" --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8
    rm -f "$password_file"
  fi
  if as "$db_user" "$pg_bin/pg_ctl" -D "$db_data" status >/dev/null 2>&1; then
    db_port=$(sed -n 4p "$db_data/postmaster.pid")
    return 0
  fi
  port_taken "$db_port" && fail "Port $db_port is in use. Stop what uses it, or choose another: DUNE_DB_PORT=54331 bin/dune start"
  touch "$var/log/postgres.log"
  if [ -n "$db_user" ]; then chown "$db_user" "$var/log/postgres.log"; fi
  local log="$var/log/postgres.log"
  [ "$db_data" = "$var/postgres" ] || log="$db_data/server.log"
  step "Starting PostgreSQL" as "$db_user" "$pg_bin/pg_ctl" -D "$db_data" -l "$log" -w -t 60 -o "-p $db_port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=80" start
}

database_stop() {
  service_users
  [ -f "$db_data/PG_VERSION" ] || return 0
  as "$db_user" "$pg_bin/pg_ctl" -D "$db_data" -m fast stop >/dev/null 2>&1 || true
}

database_url() { # NAME
  printf 'postgresql://dune:%s@127.0.0.1:%s/%s?serverVersion=15&charset=utf8' "$(cat "$var/run/db-password")" "$db_port" "$1"
}

psql_as_dune() { # DATABASE SQL
  PGPASSWORD=$(cat "$var/run/db-password") psql -X -q -A -t -h 127.0.0.1 -p "$db_port" -U dune -d "$1" -c "$2"
}

database_create() { # NAME
  [ "$(psql_as_dune postgres "SELECT 1 FROM pg_database WHERE datname = '$1'")" = 1 ] || step "Creating the database $1" psql_as_dune postgres "CREATE DATABASE $1"
}

database_recreate() { # NAME
  psql_as_dune postgres "DROP DATABASE IF EXISTS $1 WITH (FORCE)" 2>/dev/null
  psql_as_dune postgres "CREATE DATABASE $1"
}
