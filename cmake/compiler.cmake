set(CMAKE_CXX_STANDARD 20)
set(CMAKE_CXX_STANDARD_REQUIRED ON)
set(CMAKE_CXX_EXTENSIONS OFF)
set(CMAKE_EXPORT_COMPILE_COMMANDS ON)
if(NOT CMAKE_BUILD_TYPE)
    set(CMAKE_BUILD_TYPE Release)
endif()

# maybe-uninitialized and the array checks misfire inside Eigen once it is inlined (GCC 12).
add_compile_options(-Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor -Woverloaded-virtual
    -Wno-maybe-uninitialized -Wno-array-bounds -Wno-stringop-overflow)
if(BOMBO_WERROR)
    add_compile_options(-Werror)
endif()
if(BOMBO_SANITIZE)
    add_compile_options(-fsanitize=${BOMBO_SANITIZE} -fno-omit-frame-pointer)
    add_link_options(-fsanitize=${BOMBO_SANITIZE})
    # Null and object-size checks double the time of compiling, and what they see the address sanitizer stops at too;
    # nothing here is misaligned or cast down a hierarchy.
    if(BOMBO_SANITIZE MATCHES undefined)
        add_compile_options(-fno-sanitize=null,object-size,alignment,vptr)
    endif()
endif()

find_program(CCACHE ccache)
if(CCACHE)
    set(CMAKE_CXX_COMPILER_LAUNCHER ${CCACHE})
endif()
