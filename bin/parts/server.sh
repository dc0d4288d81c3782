# The application behind nginx and php-fpm, on loopback.

secret() {
  [ -f "$var/run/secret" ] || (umask 077 && head -c 32 /dev/urandom | base64 | tr -d '+/=\n' >"$var/run/secret")
  cat "$var/run/secret"
}

run_console() { # DATABASE command…
  local database=$1
  shift
  if [ ! -v db_data ]; then
    service_users
    if [ -f "$db_data/postmaster.pid" ]; then db_port=$(sed -n 4p "$db_data/postmaster.pid"); fi
  fi
  APP_ENV="${APP_ENV:-prod}" APP_SECRET=$(secret) DATABASE_URL=$(database_url "$database") php "$root/app/bin/console" "$@"
}

application_prepare() { # DATABASE
  local now
  now=$(find "$root/app/src" "$root/app/config" "$root/app/public" "$root/core/src" "$root/core/catalogue" "$root/composer.json" -type f | sort | xargs cat | cksum | cut -d' ' -f1)
  if [ "$(cat "$var/cache/.stamp" 2>/dev/null)" != "$now" ]; then
    rm -rf "$var/cache/prod"
    step "Preparing the application" run_console "$1" cache:warmup
    printf '%s' "$now" >"$var/cache/.stamp"
  fi
  step "Bringing the database up to date" run_console "$1" doctrine:migrations:migrate --no-interaction --allow-no-migration
  if [ -n "${web_user:-}" ] && [ "$web_user" != root ]; then chown -R "$web_user" "$var/cache" "$var/log"; fi
  if [ -n "${db_user:-}" ] && [ -f "$var/log/postgres.log" ]; then chown "$db_user" "$var/log/postgres.log"; fi
}

server_start() { # INSTANCE PORT DATABASE
  local name=$1 port=$2 database=$3 run="$var/run"
  local config="$run/$name"
  mkdir -p "$config/temp"
  cat >"$config/fpm.conf.new" <<TEXT
; of the code $(cat "$var/cache/.stamp")
[global]
pid = $run/$name-fpm.pid
error_log = $var/log/$name-fpm.log
daemonize = yes
[$name]
listen = $config/fpm.sock
${web_user:+user = $web_user}
${web_user:+group = $([ "$web_user" = root ] && echo root || echo "$web_user")}
${web_user:+listen.owner = $web_user}
pm = dynamic
pm.max_children = 10
pm.start_servers = 4
pm.min_spare_servers = 2
pm.max_spare_servers = 6
pm.max_requests = 2000
catch_workers_output = yes
env[APP_ENV] = prod
env[APP_SECRET] = "$(secret)"
env[DATABASE_URL] = "$(database_url "$database")"
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 24M
php_admin_value[expose_php] = 0
TEXT
  cat >"$config/nginx.conf.new" <<TEXT
pid $run/$name-nginx.pid;
error_log $var/log/$name-nginx.log warn;
worker_processes 2;
$([ "$(id -u)" -eq 0 ] && echo "user ${web_user:-root};")
events { worker_connections 512; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  server_tokens off;
  client_max_body_size 24m;
  client_body_temp_path $config/temp/body;
  proxy_temp_path $config/temp/proxy;
  fastcgi_temp_path $config/temp/fastcgi;
  uwsgi_temp_path $config/temp/uwsgi;
  scgi_temp_path $config/temp/scgi;
  gzip on;
  gzip_comp_level 5;
  gzip_min_length 800;
  gzip_types text/css application/javascript application/json image/svg+xml application/problem+json;
  server {
    listen 127.0.0.1:$port;
    root $root/web/dist;
    add_header Content-Security-Policy "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self'; connect-src 'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'" always;
    add_header X-Content-Type-Options nosniff always;
    add_header Referrer-Policy no-referrer always;
    location /assets/ {
      expires 1y;
      try_files \$uri =404;
    }
    location /api/ {
      include /etc/nginx/fastcgi_params;
      fastcgi_pass unix:$config/fpm.sock;
      fastcgi_param SCRIPT_FILENAME $root/app/public/index.php;
      fastcgi_param SCRIPT_NAME /index.php;
      fastcgi_read_timeout 60s;
      fastcgi_buffers 32 32k;
      fastcgi_buffer_size 64k;
    }
    location ~ ^/[rf]/ { try_files /client.html =404; }
    location ^~ /preview/ {
      add_header Content-Security-Policy "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self'; connect-src 'self'; frame-ancestors 'self'; base-uri 'none'; form-action 'none'" always;
      add_header X-Content-Type-Options nosniff always;
      add_header Referrer-Policy no-referrer always;
      try_files /preview.html =404;
    }
    location / { try_files \$uri /index.html; }
  }
}
TEXT
  if alive "$run/$name-nginx.pid" && alive "$run/$name-fpm.pid" && cmp -s "$config/fpm.conf.new" "$config/fpm.conf" && cmp -s "$config/nginx.conf.new" "$config/nginx.conf"; then
    return 0
  fi
  server_stop "$name"
  mv "$config/fpm.conf.new" "$config/fpm.conf"
  mv "$config/nginx.conf.new" "$config/nginx.conf"
  if [ -n "${web_user:-}" ]; then chown -R "$web_user" "$config/temp"; fi
  chmod 600 "$config/fpm.conf"
  local allow=''
  if [ "${web_user:-}" = root ]; then allow=-R; fi
  # shellcheck disable=SC2086
  step "Starting php-fpm" php-fpm8.2 $allow -d opcache.memory_consumption=192 -d opcache.interned_strings_buffer=32 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d opcache.preload="$var/cache/prod/DunePocket_App_KernelProdContainer.preload.php" -d opcache.preload_user="${web_user:-$(id -un)}" --fpm-config "$config/fpm.conf"
  step "Starting nginx" /usr/sbin/nginx -c "$config/nginx.conf" -e "$var/log/$name-nginx.log"
  step "Waiting for an answer" wait_for "http://127.0.0.1:$port/api/health"
}

wait_for() { # ADDRESS
  local i
  for i in $(seq 60); do
    php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "$1" && return 0
    sleep 0.5
  done
  return 1
}

server_stop() { # INSTANCE
  local part pid i
  for part in nginx fpm; do
    pid="$var/run/$1-$part.pid"
    if alive "$pid"; then
      kill -QUIT "$(cat "$pid")" 2>/dev/null || true
      for i in $(seq 50); do alive "$pid" || break; sleep 0.1; done
    fi
    rm -f "$pid"
  done
}
