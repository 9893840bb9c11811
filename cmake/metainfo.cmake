# Writes the description for software shops. They fetch its pictures from a public address and take no other, so the
# pictures are in it once the folder docs/screenshots can be reached at one: -D BOMBO_PICTURES=https://...
#   cmake -D FROM=packaging/...metainfo.xml.in -D TO=FILE [-D BOMBO_PICTURES=https://...] -P cmake/metainfo.cmake
set(SCREENSHOTS "")
if(BOMBO_PICTURES)
    if(NOT BOMBO_PICTURES MATCHES "^https://")
        message(FATAL_ERROR "BOMBO_PICTURES is the https address of the folder docs/screenshots, not ${BOMBO_PICTURES}")
    endif()
    set(SCREENSHOTS "  <screenshots>\n")
    set(type " type=\"default\"") # the first one
    foreach(shown "batter-evening:The batter head, rod by rod" "tone:The tone wanted, and what it asks of both heads"
                  "wires:The wires in their usable span" "logbook:The season, and the way back to a sound"
                  "faults:What is wrong, one drawn question at a time")
        string(REPLACE ":" ";" shown "${shown}")
        list(POP_FRONT shown name caption)
        string(APPEND SCREENSHOTS "    <screenshot${type}><caption>${caption}</caption>"
               "<image>${BOMBO_PICTURES}/${name}.png</image></screenshot>\n")
        set(type "")
    endforeach()
    string(APPEND SCREENSHOTS "  </screenshots>\n")
endif()
configure_file(${FROM} ${TO} @ONLY)
