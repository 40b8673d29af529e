# shellcheck shell=bash
# Building, as far as something has changed. Read by ../furrow.

stamp() { find "$@" -type f -not -path '*/node_modules/*' -not -path '*/target/*' -not -path '*/dist/*' -print0 | sort -z | xargs -0 cksum | cksum; }
fresh() { [ -f "$HOME_DIR/$1.stamp" ] && [ "$(cat "$HOME_DIR/$1.stamp")" = "$2" ]; }
room() {
  local free; free=$(df -Pm "$ROOT" | awk 'NR==2 {print $4}')
  [ "$free" -ge "$1" ] || die "the disk is nearly full: $free MB free, $1 MB needed. Nothing was changed."
}

# Core's rules of scouting in JavaScript, for phones without a signal.
build_pocket() {
  local now; now=$(stamp pom.xml core pocket)
  if fresh pocket "$now" && [ -f web/src/pocket/pocket.js ]; then return; fi
  step "Translating the rules of scouting …"
  mvn -q -B -DskipTests -pl pocket -am process-classes >"$HOME_DIR/pocket.log" 2>&1 || { tail -n 30 "$HOME_DIR/pocket.log" >&2; die "the rules of scouting could not be translated"; }
  cp pocket/target/pocket/pocket.js web/src/pocket/pocket.js
  echo "$now" >"$HOME_DIR/pocket.stamp"
}

# What does not hang on each other is done side by side: libraries come while rules are translated.
build_web() {
  local lock now fetching=
  lock=$(stamp web/package-lock.json)
  if ! fresh modules "$lock" || [ ! -d web/node_modules ]; then
    step "Fetching web libraries …"
    (cd web && npm ci --no-audit --no-fund --prefer-offline >"$HOME_DIR/npm.log" 2>&1) & fetching=$!
  fi
  build_pocket
  if [ "$fetching" ]; then
    wait "$fetching" || { tail -n 20 "$HOME_DIR/npm.log" >&2; die "npm ci failed"; }
    echo "$lock" >"$HOME_DIR/modules.stamp"
  fi
  now=$(stamp web)
  if ! fresh web "$now" || [ ! -f web/dist/index.html ]; then
    step "Building the web pages …"
    (cd web && npm run --silent build >"$HOME_DIR/web.log" 2>&1) || { tail -n 40 "$HOME_DIR/web.log" >&2; die "the web build failed"; }
    echo "$now" >"$HOME_DIR/web.stamp"
  fi
}
build_app() {
  local now; now=$(stamp pom.xml core pocket scheduler server web)
  if fresh app "$now" && [ -f "$HOME_DIR/app/app.jar" ]; then return; fi
  room 700
  build_web
  step "Building the server …"
  mvn -q -B -Dmaven.test.skip=true -Dspotless.check.skip=true -pl server -am package >"$HOME_DIR/build.log" 2>&1 || { tail -n 40 "$HOME_DIR/build.log" >&2; die "the server build failed"; }
  rm -rf "$HOME_DIR/app" "$HOME_DIR/app.jsa"
  cp server/target/server-*-app.jar "$HOME_DIR/app.jar"
  (cd "$HOME_DIR" && java -Djarmode=tools -jar app.jar extract --destination app >/dev/null) || die "the built server could not be unpacked"
  rm "$HOME_DIR/app.jar"
  echo "$now" >"$HOME_DIR/app.stamp"
}
