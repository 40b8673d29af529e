# shellcheck shell=bash
# Tests and measures. Read by ../furrow.

with_test_db() {
  STARTED_DB=$(db_home "test-$$")
  trap 'db_stop "$STARTED_DB"; rm -rf "$STARTED_DB"' EXIT
  trap 'exit 130' INT
  trap 'exit 143' TERM
  db_start "$STARTED_DB" "${1:--c fsync=off -c full_page_writes=off -c synchronous_commit=off}"
  FURROW_BENCH_DB=$STARTED_DB; export FURROW_BENCH_DB
  db_env "$STARTED_DB" furrow
}

# The tests of some modules as they were built. One that fails keeps nobody else's from being run and counted.
lane() {
  local name=$1 modules=$2; shift 2
  mvn -B -ntp -fae -Dmaven.test.failure.ignore=true -pl "$modules" surefire:test "$@" >"$HOME_DIR/test-$name.log" 2>&1 || true
  grep -E 'Tests run|FAIL|ERROR|BUILD' "$HOME_DIR/test-$name.log" || true
  grep -q 'BUILD SUCCESS' "$HOME_DIR/test-$name.log"
}

web_checks() (
  set +e
  cd web || exit 1
  local code=0
  npm run --silent check || { say "The types of the web sources do not fit"; code=1; }
  npm run --silent lint || { say "The web sources are not in order: npm run format mends their layout"; code=1; }
  npm run --silent test || { say "Web tests failed."; code=1; }
  exit "$code"
)

run_tests() {
  local began=$SECONDS
  mkdir -p "$HOME_DIR"
  room 1500
  install_missing browser
  build_web
  local code=0
  if command -v shellcheck >/dev/null; then shellcheck -x furrow furrow.d/*.sh || { say "The script is not in order."; code=1; }; fi
  with_test_db
  local name
  for name in furrow_server furrow_upgrade furrow_e2e_1 furrow_e2e_2; do db_make "$STARTED_DB" $name; done
  FURROW_TEST_DB="jdbc:postgresql://127.0.0.1:$(cat "$STARTED_DB/port")/"; export FURROW_TEST_DB
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
  rm -rf ./*/target/surefire-reports
  # What was translated for the pages is not translated again.
  local translated=(); [ ! -f pocket/target/pocket/pocket.js ] || translated=(-Dfurrow.translated)
  # Built once; then two lanes side by side, since neither browser nor server keeps two cores busy alone.
  step "Web style and tests, beside building programs and tests …"
  web_checks >"$HOME_DIR/test-web.log" 2>&1 & local web=$!
  if mvn -B -ntp -DskipTests install "${translated[@]}" >"$HOME_DIR/test-build.log" 2>&1; then
    wait "$web" || code=1
    cat "$HOME_DIR/test-web.log"
    step "Server tests beside browser, core and scheduler tests …"
    lane server server "$@" & local server=$!
    lane browser e2e "$@" || code=1
    lane core core,scheduler,bench,pocket "$@" || code=1
    wait "$server" || code=1
  else
    grep -E 'ERROR' "$HOME_DIR/test-build.log" | head -n 40 >&2; say "The build failed; see $HOME_DIR/test-build.log"; code=1
    wait "$web" || true
  fi
  local sums; sums=$(cat ./*/target/surefire-reports/TEST-*.xml 2>/dev/null | grep -o '<testsuite [^>]*' | awk '{
    for (i = 1; i <= NF; i++) { split($i, a, "=\""); v = a[2] + 0; if (a[1] == "tests") t += v; if (a[1] == "failures" || a[1] == "errors") f += v } } END { print t + 0, f + 0 }')
  local total=${sums% *} failed=${sums#* }
  [ "$total" -gt 0 ] && [ "$failed" = 0 ] || code=1
  took
  say "$((total - failed)) passed, $failed failed"
  if [ "$code" = 0 ]; then say "All tests passed in $(((SECONDS - began) / 60)) min $(((SECONDS - began) % 60)) s."; else die "tests failed; see $HOME_DIR/test-*.log"; fi
}

# Small faults are put into core's rules one by one; what no test notices is told.
mutation() {
  local packages=${1:-termination cover seeding yard fitness job play board flight weather chain journal loads season} name killed
  for name in $packages; do
    [ -d "core/src/main/java/nimblefurrow/core/$name" ] || die "core has no package $name"
    step "Faults in $name …"
    mvn -q -B -pl core test-compile org.pitest:pitest-maven:mutationCoverage -DtargetClasses="nimblefurrow.core.$name.*" \
      -DreportsDirectory="$HOME_DIR/mutation/$name" >"$HOME_DIR/mutation.log" 2>&1 || { tail -n 20 "$HOME_DIR/mutation.log" >&2; die "the tests could not be tried on faults"; }
    killed=$(awk -F, '{ n++; if ($6 == "KILLED" || $6 == "TIMED_OUT" || $6 == "MEMORY_ERROR" || $6 == "RUN_ERROR") k++ } END { printf "%d of %d found (%d %%)", k, n, n ? 100 * k / n : 0 }' "$HOME_DIR/mutation/$name/mutations.csv")
    say "$name: $killed; the rest stands in $HOME_DIR/mutation/$name/index.html"
  done
}

bench() {
  mkdir -p "$HOME_DIR"
  install_missing
  if [ "${1:-}" = --mutation ]; then shift; mutation "$@"; return; fi
  build_web
  step "Building …"
  mvn -q -B -DskipTests -pl bench -am install >"$HOME_DIR/build.log" 2>&1 || { tail -n 30 "$HOME_DIR/build.log" >&2; die "the build failed"; }
  case ${1:-} in
    --seeding|--agronomy|--growth|--honest|--termination|--fields|--schedule|--campaigns) ;;
    ''|--fuzz|--walls|--crowd|--walk|--answers) with_test_db; db_make "$STARTED_DB" furrow ;;
    --kills) with_test_db ' '; db_make "$STARTED_DB" furrow ;; # what is acknowledged has to be on the disk
    *) usage; exit 2 ;;
  esac
  mvn -q -B -pl bench dependency:build-classpath -Dmdep.outputFile="$HOME_DIR/bench.cp" >/dev/null
  java "${JAVA_FLAGS[@]}" -cp "bench/target/classes:$(cat "$HOME_DIR/bench.cp")" nimblefurrow.bench.Bench "$@" --from "$FROM" ||
    die "the measure was broken off, or what was wanted did not hold: see above"
}
