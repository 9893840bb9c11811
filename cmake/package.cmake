# What is installed where, and the Debian package: cmake --build build/release, then cpack in build/release.
include(GNUInstallDirs)
install(TARGETS bombo bombo-cli RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(FILES packaging/bombo.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES packaging/bombo-workbook.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages)
set(BOMBO_PICTURES "" CACHE STRING "Public https address of the folder docs/screenshots, for software shops; empty: no pictures there")
set(FROM ${CMAKE_CURRENT_SOURCE_DIR}/packaging/invalid.bombo.bombo.metainfo.xml.in)
set(TO ${CMAKE_CURRENT_BINARY_DIR}/packaging/invalid.bombo.bombo.metainfo.xml)
include(cmake/metainfo.cmake)
install(FILES ${TO} DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES assets/icon/bombo.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
foreach(size 16 32 48 128 256)
    install(FILES assets/icon/bombo-${size}.png RENAME bombo.png
            DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/${size}x${size}/apps)
endforeach()
install(FILES packaging/bombo-cli.bash RENAME bombo-cli
        DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions)
install(FILES packaging/copyright DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/bombo)

# Policy wants these packed, without a time in them.
find_program(GZIP gzip REQUIRED)
function(install_packed file name destination)
    set(packed ${CMAKE_CURRENT_BINARY_DIR}/packaging/${name}.gz)
    add_custom_command(OUTPUT ${packed} COMMAND ${CMAKE_COMMAND} -E make_directory ${CMAKE_CURRENT_BINARY_DIR}/packaging
                       COMMAND ${GZIP} -9nc ${CMAKE_CURRENT_SOURCE_DIR}/${file} > ${packed} DEPENDS ${file} VERBATIM)
    set_property(GLOBAL APPEND PROPERTY bombo_packed ${packed})
    install(FILES ${packed} DESTINATION ${destination})
endfunction()
install_packed(packaging/bombo.1 bombo.1 ${CMAKE_INSTALL_MANDIR}/man1)
install_packed(packaging/bombo-cli.1 bombo-cli.1 ${CMAKE_INSTALL_MANDIR}/man1)
install_packed(packaging/changelog changelog ${CMAKE_INSTALL_DATADIR}/doc/bombo)
get_property(packed GLOBAL PROPERTY bombo_packed)
add_custom_target(packed_docs ALL DEPENDS ${packed})

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME bombo)
set(CPACK_PACKAGE_VENDOR "The Bombo makers")
set(CPACK_PACKAGE_CONTACT "The Bombo makers <makers@bombo.invalid>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "tune a snare drum: heads, wires, muffling, record")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION
    "From the tone wanted to both heads even and at pitch, the wires in their
usable span, the muffling that is needed and no more, and a record that
brings the sound back tomorrow. With bombo-cli, every computation from the
shell.")
set(CPACK_DEBIAN_PACKAGE_SECTION sound)
set(CPACK_DEBIAN_PACKAGE_PRIORITY optional)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_PACKAGE_DEPENDS "libqt6sql6-sqlite, qt6-qpa-plugins")
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-translations-l10n")
set(CPACK_STRIP_FILES ON)
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ
                                                WORLD_EXECUTE)
include(CPack)
