// The walls round a process that reads what is not to be trusted.
#pragma once

#include <cstdint>

namespace mottix {

struct SandboxLimits {
  std::uint64_t memory_bytes = 2ULL << 30;  // an 8K film with sixteen reference pictures needs some 1 GB
  std::uint64_t cpu_s = 4 * 3600;           // in all; more than the longest film needs
};

// From here on this process opens no file, makes no connection, starts no program, writes no core dump, and
// has no more memory and processor time than stated; what it tries beyond is refused. Call it before there
// are threads. False where the kernel filters no system calls: then only the limits hold. Under
// AddressSanitizer, which needs what is forbidden here, nothing is done.
bool enterSandbox(const SandboxLimits& limits = {});

// The processor time that may pass until the next call, all threads together; after it the process ends.
void allowCpu(int seconds);

}  // namespace mottix
