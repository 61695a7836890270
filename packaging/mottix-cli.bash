# Completion for mottix-cli: commands and options as the program itself says them.
_mottix_cli() {
  local word=${COMP_WORDS[COMP_CWORD]} help
  if [ "$COMP_CWORD" -eq 1 ]; then
    help=$(mottix-cli --help 2>/dev/null | sed -n '/ubcommands:/,$p' | awk 'NR > 1 && /^  [a-z]/ { print $1 }')
  elif [[ $word == -* ]]; then
    help=$(mottix-cli "${COMP_WORDS[1]}" --help 2>/dev/null | grep -oE -- '--[a-z][a-z-]*')
  else
    mapfile -t COMPREPLY < <(compgen -f -- "$word")
    return
  fi
  mapfile -t COMPREPLY < <(compgen -W "$help" -- "$word")
}
complete -o filenames -F _mottix_cli mottix-cli
