#include "cli/batch.h"

#include <fcntl.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <chrono>
#include <cstdio>
#include <iostream>
#include <map>
#include <thread>

#include <nlohmann/json.hpp>

#include "cli/files.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
using Clock = std::chrono::steady_clock;

// More processor time than the longest film needs; a worker that takes more has lost its way.
constexpr rlim_t kMostCpu_s = 4 * 3600;

bool isFilm(const fs::path& path) {
  std::string ending = path.extension().string();
  std::transform(ending.begin(), ending.end(), ending.begin(),
                 [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
  static constexpr std::array kEndings = {".mp4", ".mov", ".m4v", ".mkv", ".webm", ".avi", ".3gp", ".mts"};
  return std::find(kEndings.begin(), kEndings.end(), ending) != kEndings.end();
}

struct Worker {
  fs::path film, result, unfinished, log, house;
  Clock::time_point began;
};

pid_t begin(const Worker& w, const std::vector<std::string>& say) {
  std::vector<std::string> words = {"mottix-cli", "analyse", w.film.string(), "--json",
                                    w.unfinished.string()};
  words.insert(words.end(), say.begin(), say.end());
  if (!w.house.empty()) words.insert(words.end(), {"--set", w.house.string()});
  std::vector<char*> argv;
  for (std::string& word : words) argv.push_back(word.data());
  argv.push_back(nullptr);
  const pid_t pid = fork();
  if (pid != 0) return pid;
  const int log = ::open(w.log.c_str(), O_WRONLY | O_CREAT | O_TRUNC, 0644);
  if (log >= 0) {
    dup2(log, STDOUT_FILENO);
    dup2(log, STDERR_FILENO);
  }
  const rlimit cpu = {kMostCpu_s, kMostCpu_s}, core = {0, 0};
  setrlimit(RLIMIT_CPU, &cpu);
  setrlimit(RLIMIT_CORE, &core);
  execv("/proc/self/exe", argv.data());
  _exit(127);
}

std::string firstLine(const fs::path& log) {
  auto text = readText(log.string());
  if (!text) return {};
  // The error stands last; notes come before it.
  std::string line;
  for (std::size_t from = 0; from < text->size();) {
    const std::size_t to = std::min(text->find('\n', from), text->size());
    if (to > from) line = text->substr(from, to - from);
    from = to + 1;
  }
  std::replace(line.begin(), line.end(), '\t', ' ');
  return line;
}

std::string summaryOf(const fs::path& result) {
  const auto text = readText(result.string());
  const auto doc = text ? nlohmann::json::parse(*text, nullptr, false) : nlohmann::json();
  if (!doc.is_object() || !doc.contains("reps")) return "no result";
  int clear = 0;
  for (const auto& f : doc.value("findings", nlohmann::json::array()))
    clear += f.value("certainty", "") == "clear" ? 1 : 0;
  return std::to_string(doc["reps"].size()) + " reps, " + std::to_string(clear) + " clear findings";
}

}  // namespace

Expected<int> analyseBatch(const BatchOptions& o) {
  std::error_code ec;
  if (!fs::is_directory(o.films, ec))
    return fail(Remedy::kChooseAnotherFile, "“" + o.films.string() + "” is no folder of films.");
  fs::create_directories(o.out, ec);
  if (ec || access(o.out.c_str(), W_OK) != 0)
    return fail(Remedy::kCheckDisk,
                "“" + o.out.string() + "” cannot be written. Check the folder and its permissions.");
  std::vector<fs::path> films;
  for (const auto& entry : fs::directory_iterator(o.films, ec))
    if (entry.is_regular_file(ec) && isFilm(entry.path())) films.push_back(entry.path());
  if (films.empty())
    return fail(Remedy::kChooseAnotherFile, "There is no film in “" + o.films.string() + "”.");
  std::sort(films.begin(), films.end());

  const std::size_t most =
      o.jobs > 0 ? static_cast<std::size_t>(o.jobs) : std::max(1u, std::thread::hardware_concurrency());
  std::map<pid_t, Worker> running;
  int failed = 0;
  const auto say = [](const fs::path& film, const std::string& what, double seconds) {
    std::printf("%s\t%s\t%.1f s\n", film.filename().c_str(), what.c_str(), seconds);
    std::fflush(stdout);
  };
  const auto waitForOne = [&] {
    int status = 0;
    const pid_t pid = wait(&status);
    const auto at = running.find(pid);
    if (at == running.end()) return;
    const Worker w = std::move(at->second);
    running.erase(at);
    const double seconds = std::chrono::duration<double>(Clock::now() - w.began).count();
    std::error_code e;
    if (WIFEXITED(status) && WEXITSTATUS(status) == 0) {
      fs::rename(w.unfinished, w.result, e);
      if (!e) return say(w.film, summaryOf(w.result), seconds);
    }
    ++failed;
    fs::remove(w.unfinished, e);
    say(w.film,
        WIFSIGNALED(status)
            ? "failed: the worker broke down (signal " + std::to_string(WTERMSIG(status)) + ")"
            : "failed: " + firstLine(w.log),
        seconds);
  };
  for (const fs::path& film : films) {
    const std::string name = film.filename().string();
    Worker w{film,
             o.out / (name + ".json"),
             o.out / (name + ".unfinished"),
             o.out / (name + ".log"),
             o.sets ? o.out / (name + ".mottix") : fs::path(),
             Clock::now()};
    if (fs::exists(w.result, ec) && (w.house.empty() || fs::exists(w.house, ec))) {
      say(film, "there already: " + summaryOf(w.result), 0.0);
      continue;
    }
    while (running.size() >= most) waitForOne();
    w.began = Clock::now();
    const pid_t pid = begin(w, o.say);
    if (pid < 0)
      return fail(Remedy::kCheckDisk,
                  "No worker can be started: the system has no room for another process.");
    running.emplace(pid, std::move(w));
  }
  while (!running.empty()) waitForOne();
  return failed;
}

}  // namespace mottix
