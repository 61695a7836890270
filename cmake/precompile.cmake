# Headers of other people's libraries that take longer to read than our code to compile.
set(MOTTIX_STANDARD_HEADERS <algorithm> <array> <cmath> <functional> <map> <optional> <string> <vector>)

function(mottix_precompile target)
  target_precompile_headers(${target} PRIVATE ${MOTTIX_STANDARD_HEADERS} ${ARGN})
endfunction()
