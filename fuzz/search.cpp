// libFuzzer's entry into one target, named when this is compiled.
#include "fuzz/targets.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size);
extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  mottix::MOTTIX_FUZZ_TARGET(data, size);
  return 0;
}
