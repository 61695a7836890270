#include "vision/film_sandbox.h"

#include <seccomp.h>
#include <sys/prctl.h>
#include <sys/resource.h>
#include <sys/time.h>

#include <sched.h>
#include <cerrno>
#include <initializer_list>

namespace mottix {
namespace {

#if defined(__SANITIZE_ADDRESS__)
constexpr bool kSanitized = true;
#else
constexpr bool kSanitized = false;
#endif

// What decoding needs: what is open is read, memory is asked for, threads work together.
constexpr int kAllowed[] = {SCMP_SYS(read),
                            SCMP_SYS(pread64),
                            SCMP_SYS(lseek),
                            SCMP_SYS(write),
                            SCMP_SYS(recvfrom),
                            SCMP_SYS(sendto),
                            SCMP_SYS(close),
                            SCMP_SYS(munmap),
                            SCMP_SYS(mremap),
                            SCMP_SYS(madvise),
                            SCMP_SYS(brk),
                            SCMP_SYS(futex),
                            SCMP_SYS(rseq),
                            SCMP_SYS(sched_yield),
                            SCMP_SYS(rt_sigprocmask),
                            SCMP_SYS(rt_sigaction),
                            SCMP_SYS(rt_sigreturn),
                            SCMP_SYS(sigaltstack),
                            SCMP_SYS(set_robust_list),
                            SCMP_SYS(clock_gettime),
                            SCMP_SYS(gettimeofday),
                            SCMP_SYS(nanosleep),
                            SCMP_SYS(clock_nanosleep),
                            SCMP_SYS(sched_getaffinity),
                            SCMP_SYS(getpid),
                            SCMP_SYS(gettid),
                            SCMP_SYS(tgkill),
                            SCMP_SYS(setitimer),
                            SCMP_SYS(getrandom),
                            SCMP_SYS(restart_syscall),
                            SCMP_SYS(exit),
                            SCMP_SYS(exit_group)};

void limit(__rlimit_resource_t what, rlim_t most) {
  rlimit now{};
  if (getrlimit(what, &now) == 0 && now.rlim_max != RLIM_INFINITY && now.rlim_max < most) most = now.rlim_max;
  const rlimit wanted{most, most};
  setrlimit(what, &wanted);
}

bool filterCalls() {
  scmp_filter_ctx filter = seccomp_init(SCMP_ACT_ERRNO(EACCES));
  if (filter == nullptr) return false;
  bool ok = true;
  for (const int call : kAllowed) ok &= seccomp_rule_add(filter, SCMP_ACT_ALLOW, call, 0) == 0;
  // Threads, but no processes. clone3 hides its flags, so the C library is told to use clone.
  ok &= seccomp_rule_add(filter, SCMP_ACT_ALLOW, SCMP_SYS(clone), 1,
                         SCMP_A0(SCMP_CMP_MASKED_EQ, CLONE_THREAD, CLONE_THREAD)) == 0;
  ok &= seccomp_rule_add(filter, SCMP_ACT_ERRNO(ENOSYS), SCMP_SYS(clone3), 0) == 0;
  // Memory is never both written and run.
  constexpr unsigned kRun = 4;  // PROT_EXEC
  for (const int call : {SCMP_SYS(mmap), SCMP_SYS(mprotect)})
    ok &= seccomp_rule_add(filter, SCMP_ACT_ALLOW, call, 1, SCMP_A2(SCMP_CMP_MASKED_EQ, kRun, 0)) == 0;
  ok = ok && seccomp_load(filter) == 0;
  seccomp_release(filter);
  return ok;
}

}  // namespace

bool enterSandbox(const SandboxLimits& limits) {
  if (kSanitized) return false;
  limit(RLIMIT_CORE, 0);
  limit(RLIMIT_DATA, limits.memory_bytes);
  limit(RLIMIT_CPU, limits.cpu_s);
  prctl(PR_SET_DUMPABLE, 0);
  return filterCalls();
}

void allowCpu(int seconds) {
  const itimerval until{{0, 0}, {seconds, 0}};
  setitimer(ITIMER_PROF, &until, nullptr);
}

}  // namespace mottix
