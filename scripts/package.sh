#!/usr/bin/env bash
# Builds the program to install from dist/: a runtime of its own (jlink), an application folder with launchers (jpackage), start-up
# caches, and for Debian and its kin a package. Called by `./onebeat package`, with JAVA_HOME set and dist/ built.
#
#   package.sh OUT VERSION
#
# On macOS and Windows the last step is jpackage's own kind (dmg, msi); see docs/install.md.
set -euo pipefail
cd "$(dirname "$(readlink -f "$0")")/.."
out=$1
version=$2
# What runs once ends before the thorough compiler of the virtual machine would pay.
quick=-XX:TieredStopAtLevel=1
say() { printf 'one beat: %s\n' "$*" >&2; }

rm -rf "$out"
mkdir -p "$out/parts"
out=$(cd "$out" && pwd)

say "jars that start quickly"
jars=$out/parts/jars
"$JAVA_HOME/bin/java" $quick packaging/ImageJars.java dist/lib "$jars"
styles=onebeat/desktop/one-beat
mkdir -p "$out/parts/styles/onebeat/desktop"
"$JAVA_HOME/bin/java" $quick --module-path dist/javafx --add-modules javafx.graphics packaging/BinaryStylesheet.java \
  desktop/src/main/resources/$styles.css "$out/parts/styles/$styles.bss"
"$JAVA_HOME/bin/jar" -J$quick --update --no-compress --file "$jars/onebeat-desktop-$version.jar" -C "$out/parts/styles" $styles.bss

say "a runtime of its own"
# What jdeps finds over all jars, and what is only found at run time: names (java.naming), logs, old character sets, jars as file systems
# (jdk.zipfs, from which the solver of the weeks takes its library).
"$JAVA_HOME/bin/jlink" -J$quick --module-path dist/javafx \
  --add-modules java.base,java.desktop,java.logging,java.management,java.naming,java.scripting,java.sql,jdk.charsets,jdk.jfr,jdk.unsupported,jdk.zipfs,javafx.controls \
  --strip-java-debug-attributes --no-header-files --no-man-pages --output "$out/parts/runtime" >/dev/null

say "the application folder"
# The collector that needs least beside the heap; its pauses are a few milliseconds, since little lives long. What is not needed is
# given back. The quick compiler alone: most of what is worked out is short, and ends before the thorough one would pay; at the start
# that one takes half of two cores. Only hours of sound are heard slower so, in half a minute for each. Room for compiled code is kept as
# with both compilers: with the little that is usual for the quick one alone, the whole heap is collected while the stations are first seen.
options=(-XX:TieredStopAtLevel=1 -XX:ReservedCodeCacheSize=240m -XX:+UseSerialGC -Xms64m -Xmx2g -XX:MinHeapFreeRatio=20 -XX:MaxHeapFreeRatio=40
  --enable-native-access=javafx.graphics,ALL-UNNAMED --sun-misc-unsafe-memory-access=allow '-XX:AOTCache=$APPDIR/../onebeat-window.aot' -Xlog:aot=off -Xlog:cds=off)
java_options=()
for option in "${options[@]}"; do java_options+=(--java-options "$option"); done
"$JAVA_HOME/bin/jpackage" -J$quick --type app-image --name onebeat-window --app-version "$version" --dest "$out" \
  --input "$jars" --main-jar "onebeat-desktop-$version.jar" --main-class onebeat.desktop.Main \
  --runtime-image "$out/parts/runtime" --icon desktop/src/main/resources/onebeat/desktop/icon/onebeat-256.png \
  --description "Study fight film, build partner drills, run them in timed rounds" --vendor "One Beat" \
  "${java_options[@]}" >/dev/null
mv "$out/onebeat-window" "$out/onebeat"
image=$out/onebeat
sed "s/@VERSION@/$version/g" packaging/linux/onebeat >"$image/bin/onebeat"
# jpackage's own launcher asks the package manager at each start whose file it is, a tenth of a second before anything begins. This one
# has the same options.
app='$app/lib/app'
cfg() { sed -n "s/^$1=//p" "$image/lib/app/onebeat-window.cfg" | sed "s|\$APPDIR|$app|g"; }
sed "s|@OPTIONS@|$(cfg java-options | sed 's/.*/"&"/' | paste -sd' ')|; s|@CLASSPATH@|$(cfg app.classpath | paste -sd:)|" \
  packaging/linux/onebeat-window >"$image/bin/onebeat-window"
chmod 755 "$image/bin/onebeat" "$image/bin/onebeat-window"

# The caches hold the classes as they lie in these very jars: a changed jar is seen and its cache is not used. They are made by a visit
# of every station of the demo camp, and by the commands that are asked for most.
# What is learned about methods on the way would serve the thorough compiler alone.
say "start-up caches"
told() { cat "$out/parts/train.log" >&2; exit 1; }
train() {
  local cache=$1
  shift
  XDG_DATA_HOME=$out/parts/data "$image/lib/runtime/bin/java" -XX:AOTCacheOutput="$cache" -Xlog:aot=off -Xlog:cds=off \
    -XX:+UseSerialGC --sun-misc-unsafe-memory-access=allow -XX:TieredStopAtLevel=1 -XX:+UnlockDiagnosticVMOptions -XX:-AOTRecordTraining "$@" >"$out/parts/train.log" 2>&1 \
    || told
}
# The demo camp is made first: what makes a camp is not needed when one opens.
XDG_DATA_HOME=$out/parts/data JAVA_TOOL_OPTIONS='-Dglass.platform=Headless -Dprism.order=sw -Donebeat.tour=open' \
  "$image/bin/onebeat-window" demo >"$out/parts/train.log" 2>&1 || told
app=$image/lib/app
train "$image/lib/onebeat-window.aot" --enable-native-access=javafx.graphics,ALL-UNNAMED -Dglass.platform=Headless -Dprism.order=sw -Donebeat.tour=visit \
  -cp "$(cfg app.classpath | paste -sd:)" onebeat.desktop.Main demo
train "$image/lib/onebeat-command.aot" --enable-native-access=ALL-UNNAMED -jar "$image/lib/app/onebeat-cli-$version.jar" \
  check "1 2 3 rlow circle-lead"

"$image/bin/onebeat" completion >"$out/parts/completion"
# The help of each command, as a manual page.
page() {
  printf '.SH %s\n.nf\n' "$1"
  shift
  "$image/bin/onebeat" "$@" --help | sed 's/\\/\\\\/g; s/^\([.'"'"']\)/\\\&\1/'
  printf '.fi\n'
}
{
  printf '.TH ONEBEAT 1 "" "One Beat %s"\n' "$version"
  printf '.SH NAME\nonebeat \\- study fight film, build partner drills, run them in timed rounds\n'
  printf '.SH SYNOPSIS\n.nf\nonebeat [CAMP.onebeat | demo]\nonebeat COMMAND ...\n.fi\n'
  page DESCRIPTION
  "$image/bin/onebeat" --help | sed -n '/^Commands:/,$ s/^  \([a-z][a-z]*\) .*/\1/p' | while read -r command; do
    page "$(printf '%s' "$command" | tr '[:lower:]' '[:upper:]')" "$command" </dev/null
  done
} >"$out/parts/onebeat.1"

if ! command -v dpkg-deb >/dev/null; then
  say "there is no dpkg-deb here, so no Debian package is made; the program lies in $image"
  exit 0
fi

say "the Debian package"
deb=$out/parts/deb
share=$deb/usr/share
mkdir -p "$deb/DEBIAN" "$deb/opt" "$deb/usr/bin" "$share/applications" "$share/mime/packages" "$share/doc/onebeat" \
  "$share/bash-completion/completions" "$share/zsh/vendor-completions" "$share/man/man1"
gzip -9n <"$out/parts/onebeat.1" >"$share/man/man1/onebeat.1.gz"
cp -a "$image" "$deb/opt/onebeat"
ln -s /opt/onebeat/bin/onebeat "$deb/usr/bin/onebeat"
cp packaging/linux/onebeat.desktop "$share/applications/"
cp packaging/linux/onebeat-mime.xml "$share/mime/packages/onebeat.xml"
cp LICENSE "$share/doc/onebeat/copyright"
cp "$out/parts/completion" "$share/bash-completion/completions/onebeat"
{
  printf '#compdef onebeat\nautoload -U bashcompinit && bashcompinit\n'
  cat "$out/parts/completion"
} >"$share/zsh/vendor-completions/_onebeat"
for size in 16 24 32 48 64 128 256; do
  icons=$share/icons/hicolor/${size}x$size/apps
  mkdir -p "$icons"
  cp "desktop/src/main/resources/onebeat/desktop/icon/onebeat-$size.png" "$icons/onebeat.png"
done
mkdir -p "$share/icons/hicolor/scalable/apps"
cp packaging/onebeat.svg "$share/icons/hicolor/scalable/apps/onebeat.svg"
architecture=$(dpkg --print-architecture)
cat >"$deb/DEBIAN/control" <<TEXT
Package: onebeat
Version: $version
Architecture: $architecture
Maintainer: One Beat <onebeat@localhost>
Section: education
Priority: optional
Installed-Size: $(du -sk --exclude=DEBIAN "$deb" | cut -f1)
Depends: libc6, zlib1g, libgtk-3-0 | libgtk-3-0t64, libgl1, libx11-6, libxtst6, libxxf86vm1, libasound2 | libasound2t64, libfontconfig1, libfreetype6
Recommends: shared-mime-info, desktop-file-utils
Description: Study fight film, build partner drills, run them in timed rounds
 A coach's program for a fight camp: what the film shows, lines that answer it and why,
 tonight's rounds with calls and bells, and the book that proposes tomorrow.
TEXT
dpkg-deb --root-owner-group -Zzstd -z6 --build "$deb" "$out/onebeat_${version}_$architecture.deb" >/dev/null
rm -rf "$out/parts"
say "made $image and $out/onebeat_${version}_$architecture.deb"
