# Verbs and files for bombo-cli.
_bombo_cli() {
    local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD - 1]}
    if [ "$before" = --workbook ]; then
        mapfile -t COMPREPLY < <(compgen -f -X '!*.bombo' -- "$word")
        return
    fi
    local verbs="buzz calibrate correct demo even faults keys listen log modes muffle plan practice rescue show tone weather wires"
    local i
    for ((i = 1; i < COMP_CWORD; i++)); do
        case " $verbs " in *" ${COMP_WORDS[i]} "*)
            mapfile -t COMPREPLY < <(compgen -f -- "$word")
            return ;;
        esac
    done
    mapfile -t COMPREPLY < <(compgen -W "--workbook --help $verbs" -- "$word")
}
complete -o filenames -F _bombo_cli bombo-cli
