# Builds what ./start, ./check and ./ropebridge run. Sourced after common.sh, never run.
# shellcheck shell=bash

SERVICE_JAR="service-0.1.0-SNAPSHOT.jar"
CLI_JAR="cli-0.1.0-SNAPSHOT.jar"

# newer STAMP PATH...: whether any source below the paths is newer than the stamp.
newer() {
  local stamp="$1"
  shift
  [ ! -e "$stamp" ] || [ -n "$(cd "$ROOT" && find "$@" \
    \( -name target -o -name node_modules -o -name dist -o -name test-results \) -prune -o -type f -newer "$stamp" -print -quit)" ]
}

# maven ARGUMENT...: runs Maven, quietly; its output is shown only when it fails.
maven() {
  mkdir -p "$VAR"
  (cd "$ROOT" && mvn -B -ntp "$@") >"$VAR/maven.log" 2>&1 || {
    grep -E '^\[(ERROR|WARN)' "$VAR/maven.log" | head -n 30 >&2
    fail "the build failed; $VAR/maven.log tells more"
  }
}

console_packages() {
  if [ "$ROOT/console/package-lock.json" -nt "$ROOT/console/node_modules/.package-lock.json" ]; then
    say "Fetching the console's packages ..."
    (cd "$ROOT/console" && npm ci --no-audit --no-fund) >"$VAR/npm.log" 2>&1 ||
      fail "npm could not fetch the console's packages; see $VAR/npm.log"
  fi
}

build_console() {
  console_packages
  if newer "$ROOT/console/dist/index.html" console; then
    say "Building the console ..."
    (cd "$ROOT/console" && npm run --silent build) >"$VAR/npm.log" 2>&1 || {
      tail -n 20 "$VAR/npm.log" >&2
      fail "the console does not build"
    }
  fi
}

# Builds the service, its console and the client when a source is newer than the last build.
build_if_newer() {
  mkdir -p "$VAR"
  build_console
  if newer "$ROOT/service/target/built" pom.xml core demo service cli console/pom.xml ||
    [ "$ROOT/console/dist/index.html" -nt "$ROOT/service/target/built" ]; then
    say "Building the service (the first time fetches its libraries) ..."
    maven -DskipTests -pl demo,core,console,service,cli package
    touch "$ROOT/service/target/built" "$ROOT/cli/target/built"
    rm -f "$ROOT/cli/target/client.jsa"
  fi
}

build_client_if_newer() {
  if newer "$ROOT/cli/target/built" pom.xml cli; then
    need_java
    say "Building the client ..." >&2
    maven -DskipTests -pl cli package
    touch "$ROOT/cli/target/built"
    rm -f "$ROOT/cli/target/client.jsa"
  fi
}
