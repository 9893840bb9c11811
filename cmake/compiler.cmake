set(CMAKE_CXX_STANDARD 20)
set(CMAKE_CXX_STANDARD_REQUIRED ON)
set(CMAKE_CXX_EXTENSIONS OFF)
set(CMAKE_EXPORT_COMPILE_COMMANDS ON)
if(NOT CMAKE_BUILD_TYPE)
    set(CMAKE_BUILD_TYPE Release)
endif()

add_compile_options(-Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor -Woverloaded-virtual)
if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU") # these misfire inside Eigen once it is inlined (GCC 12)
    add_compile_options(-Wno-maybe-uninitialized -Wno-array-bounds -Wno-stringop-overflow)
endif()
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

# For code that is not under test, and slow to compile and to run with sanitizers: other people's, and what tests compare with.
if(BOMBO_SANITIZE)
    set(BOMBO_UNSANITIZED -fno-sanitize=all)
endif()

# Nearly all that a test waits for is done in the libraries that it calls; optimising the tests themselves takes half of the
# time that they take to compile.
function(compile_as_test target)
    if(CMAKE_BUILD_TYPE STREQUAL "RelWithDebInfo")
        target_compile_options(${target} PRIVATE -O0)
    endif()
endfunction()

find_program(CCACHE ccache)
if(CCACHE)
    set(CMAKE_CXX_COMPILER_LAUNCHER ${CCACHE})
endif()
