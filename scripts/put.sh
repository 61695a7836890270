# put PAGE MARK FILE: replaces what stands between <!-- MARK --> and <!-- end --> on a page. Meant to be sourced.
put() {
  /usr/bin/python3 - "$@" <<'PY'
import sys
page, mark, table = sys.argv[1:]
text, new = open(page).read(), open(table).read()
head, rest = text.split(f"<!-- {mark} -->\n", 1)
tail = rest.split("<!-- end -->", 1)[1]
open(page, "w").write(head + f"<!-- {mark} -->\n" + new + "<!-- end -->" + tail)
PY
}
