# Shared by bin/start, bin/test and bin/bench. Sets up the machine and runs one instance of the house:
# MariaDB, php-fpm, nginx and the queue worker, all on loopback, all below $VAR.
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"
PACKAGES=(php8.2-cli php8.2-fpm php8.2-mysql php8.2-gd php8.2-zip php8.2-bcmath php8.2-curl php8.2-mbstring php8.2-intl php8.2-xml
  composer nginx-light mariadb-server mariadb-client chromium chromium-driver qrencode python3 unzip curl procps)
export COMPOSER_ALLOW_SUPERUSER=1
FPM=/usr/sbin/php-fpm8.2 NGINX=/usr/sbin/nginx MARIADBD=/usr/sbin/mariadbd

fail() { printf '\n%s\n' "$*" >&2; exit 1; }

# step TITLE COMMAND...: says what is done and how long it took; on failure shows what it printed.
step() {
  local title=$1 began log; shift
  began=$(date +%s%N); log=$(mktemp)
  printf '  %-44s' "$title"
  if "$@" >"$log" 2>&1; then
    printf '%6.1f s\n' "$(( ($(date +%s%N) - began) / 100000000 ))e-1"; rm -f "$log"
  else
    printf 'failed\n\n'; tail -40 "$log" >&2; rm -f "$log"
    fail "“$title” did not work; what it said stands above."
  fi
}

has_package() { dpkg-query -W -f='${Status}' "$1" 2>/dev/null | grep -q 'ok installed'; }

missing_packages() {
  local package
  for package in "${PACKAGES[@]}"; do has_package "$package" || case $package in
    composer) command -v composer >/dev/null || echo composer ;;
    python3) command -v python3 >/dev/null || echo python3 ;;
    *) echo "$package" ;;
  esac; done
  command -v npm >/dev/null || echo npm
}

install_packages() {
  local wanted; mapfile -t wanted < <(missing_packages)
  [ ${#wanted[@]} -eq 0 ] && return
  export DEBIAN_FRONTEND=noninteractive
  apt-get update -qq && apt-get install -y --no-install-recommends "${wanted[@]}"
}

checksum() { cat "$@" 2>/dev/null | sha256sum | cut -d' ' -f1; }
up_to_date() { [ "$(cat "$1" 2>/dev/null)" = "$2" ]; }

set_up() {
  local wanted stamp
  wanted=$(missing_packages | tr '\n' ' ')
  if [ -n "$wanted" ]; then
    [ "$(id -u)" = 0 ] || fail "These system packages are missing: $wanted— run this once as root, or ask for them to be installed."
    step "System packages (a minute or two)" install_packages
  fi
  mkdir -p var
  stamp=$(checksum composer.json packages/*/*)
  if ! up_to_date var/composer.stamp "$stamp" || [ ! -f vendor/autoload.php ]; then
    step "PHP packages" composer install --no-interaction --no-progress
    chmod -R a+rX vendor; echo "$stamp" > var/composer.stamp
  fi
  stamp=$(checksum package-lock.json)
  if ! up_to_date var/npm.stamp "$stamp" || [ ! -d node_modules/vite ]; then
    step "Front-end packages" npm ci --no-audit --no-fund
    echo "$stamp" > var/npm.stamp
  fi
  stamp=$(find resources/css resources/js resources/views vite.config.js package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
  if ! up_to_date var/build.stamp "$stamp" || [ ! -f public/build/manifest.json ]; then
    step "Styles and scripts" npx vite build
    chmod -R a+rX public; echo "$stamp" > var/build.stamp
  fi
}

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }
port_is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"; }

# As root, servers give up root; where the folder is closed to others they have to keep it.
choose_users() {
  WEB_USER=$(id -un) DB_USER_OS=$(id -un)
  [ "$(id -u)" = 0 ] || return 0
  if runuser -u www-data -- test -r "$ROOT/artisan" && runuser -u www-data -- test -x "$ROOT"; then
    WEB_USER=www-data DB_USER_OS=mysql
  fi
}

# What the house writes is nobody else's to read.
as_web() { (umask 027; if [ "$WEB_USER" = "$(id -un)" ]; then "$@"; else runuser -u "$WEB_USER" -- env HOME="$VAR/home" "$@"; fi); }

db_alive() { mariadb-admin --no-defaults -S "$VAR/mariadb/run/mariadb.sock" -u "$1" ping >/dev/null 2>&1; }

db_start() {
  local v=$VAR/mariadb root_login pid
  root_login=$(id -un); mkdir -p "$v"/{data,run,tmp}
  rm -f "$v/run/mariadb.sock"
  DB_PORT=$(free_port)
  sed "s#@VAR@#$VAR#g; s#@DB_PORT@#$DB_PORT#g" etc/mariadb.cnf.in > "$v/my.cnf"; chmod 644 "$v/my.cnf"
  # Every change since a backup, so that a house can be had as it was at any moment; it costs one more write to disk for each reading.
  if [ -n "${BINARY_LOG:-}" ]; then
    mkdir -p "$BINARY_LOG"
    sed "s#@BINARY_LOG@#$BINARY_LOG#" etc/binary-log.cnf.in >> "$v/my.cnf"
    [ "$DB_USER_OS" != mysql ] || { chown mysql:mysql "$BINARY_LOG"; chmod 750 "$BINARY_LOG"; }
  fi
  [ "$DB_USER_OS" = mysql ] && chown -R mysql:mysql "$v"
  if [ ! -d "$v/data/mysql" ]; then
    mariadb-install-db --defaults-file="$v/my.cnf" --user="$DB_USER_OS" --auth-root-authentication-method=socket --auth-root-socket-user="$root_login" --skip-test-db
  fi
  setsid "$MARIADBD" --defaults-file="$v/my.cnf" --user="$DB_USER_OS" </dev/null >"$v/run/stdout.log" 2>&1 8>&- 9>&- &
  pid=$!; echo $pid > "$VAR/mariadbd.pid"
  for _ in $(seq 1 400); do
    db_alive "$root_login" && break
    kill -0 $pid 2>/dev/null || { tail -20 "$v/run/error.log" >&2; echo "MariaDB did not start. If its data are broken, move $v away and start again, then restore from a backup." >&2; return 1; }
    sleep 0.05
  done
  db_alive "$root_login"
  db_grant
}

db_sql() { mariadb --no-defaults --skip-column-names -S "$VAR/mariadb/run/mariadb.sock" -u "$(id -un)" "$@"; }

# Whole engines to practise on lie in a database beside, with the same tables.
in_practice() { (DB_DATABASE=${DB_DATABASE}_practice; export DB_DATABASE; "$@"); }

# The database that DB_DATABASE names, and the user of the house, who may do nothing in it yet.
db_grant() {
  db_sql <<SQL
CREATE DATABASE IF NOT EXISTS \`$DB_DATABASE\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS '$DB_USERNAME'@'localhost' IDENTIFIED BY '$DB_PASSWORD';
CREATE USER IF NOT EXISTS '$DB_USERNAME'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
SQL
}

# For the tests alone, which empty tables, alter what must not be altered, and restore into a database beside.
db_grant_all() { db_grant; db_sql -e "GRANT ALL ON \`$DB_DATABASE\`.* TO '$DB_USERNAME'@'localhost', '$DB_USERNAME'@'127.0.0.1'"; }

# The user of the house reads and adds; he changes rows only where nothing refuses it, and no table at all. TRIGGER lets a backup see them.
db_restrict() {
  local people="'$DB_USERNAME'@'localhost', '$DB_USERNAME'@'127.0.0.1'" ours="'${DB_DATABASE%_practice}', '${DB_DATABASE%_practice}_practice'"
  db_sql <<SQL | db_sql
SELECT CONCAT('REVOKE ALL PRIVILEGES, GRANT OPTION FROM ', "$people", ';');
SELECT CONCAT('GRANT SELECT, INSERT, TRIGGER ON \`', schema_name, '\`.* TO ', "$people", ';') FROM information_schema.schemata WHERE schema_name IN ($ours);
SELECT CONCAT('GRANT UPDATE, DELETE ON \`', table_schema, '\`.\`', table_name, '\` TO ', "$people", ';') FROM information_schema.tables
  WHERE table_schema IN ($ours) AND table_type = 'BASE TABLE' AND table_name <> 'migrations' AND (table_schema, table_name) NOT IN (
    SELECT trigger_schema, event_object_table FROM information_schema.triggers WHERE trigger_schema IN ($ours) AND trigger_name LIKE '%\\_refuse\\_update');
SQL
}

# What makes and changes tables runs as a keeper of them, whose password is made for that once; afterwards nobody can log in as him.
as_keeper() {
  local password code=0
  password=$(head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9')
  db_sql <<SQL
CREATE USER IF NOT EXISTS 'north_ledger_keeper'@'localhost';
ALTER USER 'north_ledger_keeper'@'localhost' IDENTIFIED BY '$password' ACCOUNT UNLOCK;
GRANT ALL ON \`$DB_DATABASE\`.* TO 'north_ledger_keeper'@'localhost';
SQL
  # A configuration that was kept knows the other user.
  (export APP_CONFIG_CACHE=$VAR/home/of-no-use.php DB_USERNAME=north_ledger_keeper DB_PASSWORD=$password; as_web "$@") || code=$?
  db_sql <<<"ALTER USER 'north_ledger_keeper'@'localhost' IDENTIFIED BY '$(head -c 24 /dev/urandom | base64)' ACCOUNT LOCK"
  db_restrict
  return $code
}

# What this folder's house is configured by; made once, and mended where the folder was moved.
make_env() {
  if [ ! -f .env ]; then
    cat > .env <<ENV
APP_ENV=production
APP_DEBUG=false
APP_KEY=base64:$(head -c 32 /dev/urandom | base64)
DB_SOCKET=$VAR/mariadb/run/mariadb.sock
DB_DATABASE=north_ledger
DB_USERNAME=north_ledger
DB_PASSWORD=$(head -c 18 /dev/urandom | base64 | tr -d '+/=')
LOG_CHANNEL=single
ENV
  fi
  # The folder may have been moved since.
  grep -qx "DB_SOCKET=$VAR/mariadb/run/mariadb.sock" .env || sed -i "s#^DB_SOCKET=.*#DB_SOCKET=$VAR/mariadb/run/mariadb.sock#" .env
  chmod 640 .env
DB_DATABASE=north_ledger DB_USERNAME=north_ledger DB_PASSWORD=$(sed -n 's/^DB_PASSWORD=//p' .env)
  BINARY_LOG=${BINARY_LOG:-$(sed -n 's/^BINARY_LOG=//p' .env)}
  mkdir -p storage/app storage/logs storage/framework/{views,sessions,cache,compiled}
  chmod -R o-rwx storage
}

# Beside loopback, the address that the shop's own network comes by: over TLS only, and what comes without is sent on (LISTEN_ADDRESS,
# HTTPS_PORT, HTTP_PORT; the certificate and key that are given, or the shop's own authority's in TLS_FOLDER).
tls_config() {
  : > "$VAR/nginx/practice.conf"; : > "$VAR/nginx/practice-ports.conf"
  if [ -n "${PRACTICE_PORT:-}" ]; then
    echo "listen 127.0.0.1:$PRACTICE_PORT;" > "$VAR/nginx/practice.conf"
    printf '%s practice;\n' "$PRACTICE_PORT" ${PRACTICE_HTTPS_PORT:-} > "$VAR/nginx/practice-ports.conf"
  fi
  : > "$VAR/nginx/tls.conf"; : > "$VAR/nginx/plain.conf"; : > "$VAR/nginx/behind.conf"
  # Behind another web server of ours, a client is who that one says it is, and came by TLS where it says so.
  [ -z "${BEHIND:-}" ] || printf 'set_real_ip_from %s;\nreal_ip_header X-Forwarded-For;\nset $shop_host $http_host;\nif ($http_x_forwarded_proto = https) { set $shop_https on; }\n' "$BEHIND" > "$VAR/nginx/behind.conf"
  [ -n "${LISTEN_ADDRESS:-}" ] || return 0
  local certificate=${CERTIFICATE:-$TLS_FOLDER/house.crt} key=${CERTIFICATE_KEY:-$TLS_FOLDER/house.key} authority="" port=:$HTTPS_PORT
  [ "$HTTPS_PORT" = 443 ] && port=""
  cat > "$VAR/nginx/tls.conf" <<TLS
listen $LISTEN_ADDRESS:$HTTPS_PORT ssl;
${PRACTICE_HTTPS_PORT:+listen $LISTEN_ADDRESS:$PRACTICE_HTTPS_PORT ssl;}
ssl_certificate $certificate;
ssl_certificate_key $key;
ssl_protocols TLSv1.2 TLSv1.3;
ssl_session_cache shared:tls:4m;
TLS
  [ -n "${CERTIFICATE:-}" ] || authority="location = /authority.crt { alias $TLS_FOLDER/authority.crt; types { } default_type application/x-x509-ca-cert; add_header X-Content-Type-Options nosniff; }"
  cat > "$VAR/nginx/plain.conf" <<PLAIN
server {
  listen $LISTEN_ADDRESS:$HTTP_PORT;
  server_name _;
  $authority
  location / { return 308 https://\$host$port\$request_uri; }
}
PLAIN
}

# The shop's own authority and its certificate, unless one is given; says where PHP finds what tablets have to know.
tls_prepare() {
  [ -n "${LISTEN_ADDRESS:-}" ] || return 0
  [ -n "${CERTIFICATE:-}" ] || bin/authority "$TLS_FOLDER" $LISTEN_ADDRESS ${SHOP_HOSTS:-}
}

web_start() {
  local users="" user_line="" root_flag=() 
  mkdir -p "$VAR"/{fpm,nginx,home}
  if [ "$(id -u)" = 0 ]; then
    users="user = $WEB_USER\ngroup = $(id -gn "$WEB_USER")\nlisten.owner = $WEB_USER\nlisten.group = $(id -gn "$WEB_USER")"
    user_line="user $WEB_USER;"
    [ "$WEB_USER" = root ] && root_flag=(-R)
    chown -R "$WEB_USER" "$VAR/home"
  fi
  sed "s#@VAR@#$VAR#g; s#@USERLINES@#$users#" etc/php-fpm.conf.in > "$VAR/fpm/fpm.conf"
  sed "s#@VAR@#$VAR#g; s#@ROOT@#$ROOT#g; s#@PORT@#$PORT#g; s#@USERLINE@#$user_line#; s#@HOSTS@#${SHOP_HOSTS:-}#" etc/nginx.conf.in > "$VAR/nginx/nginx.conf"
  tls_config
  as_web php -d opcache.enable_cli=0 artisan ledger:preload "$VAR/home/preload.list" >/dev/null
  FPM_ROOT=("${root_flag[@]}")
  fpm_start
  nginx_start
  for _ in $(seq 1 100); do curl -fsS -o /dev/null "http://127.0.0.1:$PORT/up" 2>/dev/null && return; sleep 0.1; done
  tail -20 "$VAR/nginx/error.log" "$VAR/fpm/error.log" "$VAR/nginx/stdout.log" >&2; return 1
}

fpm_start() {
  local jit="-d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.jit_max_root_traces=8192 -d opcache.jit_max_side_traces=8192 -d opcache.jit_max_exit_counters=32768"
  umask 027
  PRELOAD_LIST=$VAR/home/preload.list setsid "$FPM" "${FPM_ROOT[@]}" -d zend.enable_gc=0 -d opcache.enable=1 -d opcache.validate_timestamps=0 -d opcache.memory_consumption=128 $jit \
    -d opcache.preload="$ROOT/bin/preload.php" -d opcache.preload_user="$WEB_USER" -y "$VAR/fpm/fpm.conf" </dev/null >"$VAR/fpm/stdout.log" 2>&1 8>&- 9>&- &
  echo $! > "$VAR/fpm.pid"
  umask 022
}

nginx_start() {
  setsid "$NGINX" -p "$VAR/nginx" -e "$VAR/nginx/error.log" -c "$VAR/nginx/nginx.conf" </dev/null >"$VAR/nginx/stdout.log" 2>&1 8>&- 9>&- &
  echo $! > "$VAR/nginx.pid"
}

# Stays until somebody stops it, and starts again what has died.
watch_over() {
  local name start
  while :; do
    for name in mariadbd fpm nginx worker; do
      kill -0 "$(cat "$VAR/$name.pid")" 2>/dev/null && continue
      start=${name}_start
      # What a dead one leaves behind would keep its successor out.
      case $name in
        mariadbd) start=db_start ;;
        nginx) end_orphans 'nginx: worker process' ;;
        fpm) end_orphans 'php-fpm: pool www' ;;
        worker) end_orphans 'artisan queue:work' ;;
      esac
      printf '  %s  %s has died; started again.\n' "$(date +%T)" "$name"
      $start >>"$VAR/watch.log" 2>&1 || printf '  It did not start; %s says why. Tried again in a moment.\n' "$VAR/watch.log"
    done
    sleep 2 & wait $! || true
  done
}

# What a master that was killed leaves behind, known by what it has open in this folder.
end_orphans() { # PATTERN
  local pid
  for pid in $(pgrep -f "$1" || true); do
    ls -l "/proc/$pid/fd" 2>/dev/null | grep -qF "$VAR/" || continue
    kill -KILL "$pid" 2>/dev/null || true
  done
}

# The worker gives up when it loses the database; it is begun again until somebody stops it.
worker_start() {
  (while :; do for daily in ${DAILY-ledger:seal backup:make}; do as_web php artisan $daily --daily --quiet </dev/null >>"$VAR/worker.log" 2>&1 || true; done; as_web php artisan queue:work --max-time=3600 --sleep=1 --tries=2 --timeout=60 --quiet </dev/null >>"$VAR/worker.log" 2>&1 || true; sleep 1; done) 8>&- 9>&- &
  echo $! > "$VAR/worker.pid"
}

stop_one() { # NAME SIGNAL
  local file=$VAR/$1.pid pid
  [ -s "$file" ] || return 0
  pid=$(cat "$file"); rm -f "$file"
  kill -"$2" "$pid" 2>/dev/null || return 0
  for _ in $(seq 1 200); do kill -0 "$pid" 2>/dev/null || return 0; sleep 0.05; done
}

stop_worker() {
  local begun=""
  [ -s "$VAR/worker.pid" ] && begun=$(pgrep -P "$(cat "$VAR/worker.pid")" || true)
  stop_one worker TERM
  [ -z "$begun" ] || kill -TERM $begun 2>/dev/null || true
}

stop_all() { stop_worker; stop_one nginx QUIT; stop_one fpm QUIT; stop_one mariadbd TERM; }

# Leftovers of an earlier run that was killed hard: only pids that this folder wrote and that still are ours.
clear_leftovers() {
  local name pid
  for name in worker nginx fpm mariadbd; do
    pid=$(cat "$VAR/$name.pid" 2>/dev/null || true)
    [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null && grep -qz "$VAR\|queue:work" "/proc/$pid/cmdline" 2>/dev/null || rm -f "$VAR/$name.pid"
  done
  stop_all
  end_orphans 'nginx: worker process|php-fpm: pool www|artisan queue:work'
}
