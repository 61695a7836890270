// The process that reads films: its walls, and what becomes of the one who asked when it dies.
#include <dirent.h>
#include <fcntl.h>
#include <signal.h>
#include <sys/mman.h>
#include <sys/socket.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <atomic>
#include <filesystem>
#include <fstream>
#include <random>
#include <sstream>
#include <thread>
#include <vector>

#include <gtest/gtest.h>
#include <opencv2/core.hpp>

#include "media/film_writer.h"
#include "vision/film.h"
#include "vision/film_decoder.h"
#include "vision/film_sandbox.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

#if defined(__SANITIZE_ADDRESS__)
constexpr bool kWalls = false;  // the sanitizer needs what they forbid
#else
constexpr bool kWalls = true;
#endif

// What `body` returns, in a process of its own with the walls up; 1000 + signal if one ended it.
template <typename Body>
int walled(const SandboxLimits& limits, const Body& body) {
  const pid_t pid = fork();
  if (pid == 0) {
    if (!enterSandbox(limits)) _exit(99);
    _exit(body());
  }
  int how = 0;
  waitpid(pid, &how, 0);
  return WIFSIGNALED(how) ? 1000 + WTERMSIG(how) : WEXITSTATUS(how);
}

class FilmReader : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_reader_" + std::to_string(getpid()));
    fs::create_directories(folder);
    auto writer = FilmWriter::create(folder / "plain.mp4", 192, 108, 25000);
    ASSERT_TRUE(writer);
    for (int i = 0; i < kFrames; ++i)
      ASSERT_TRUE(writer->write(cv::Mat(108, 192, CV_8UC3, cv::Scalar::all(40 + 2 * i))));
    ASSERT_TRUE(writer->finish());
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }

  // The processes that read for this one.
  static std::vector<pid_t> readers() {
    std::vector<pid_t> out;
    for (const auto& task : fs::directory_iterator("/proc/self/task")) {
      std::ifstream in(task.path() / "children");
      for (pid_t pid; in >> pid;) out.push_back(pid);
    }
    return out;
  }
  static std::string statusOf(pid_t pid, const std::string& what) {
    std::ifstream in("/proc/" + std::to_string(pid) + "/status");
    for (std::string line; std::getline(in, line);)
      if (line.starts_with(what + ":")) return line.substr(line.find_first_not_of(" \t", what.size() + 1));
    return {};
  }
  static long openFiles() {
    return std::distance(fs::directory_iterator("/proc/self/fd"), fs::directory_iterator());
  }
  static constexpr int kFrames = 60;
  static fs::path folder;
};
fs::path FilmReader::folder;

TEST_F(FilmReader, IsAProcessOfItsOwnBehindWalls) {
  auto film = Film::open(folder / "plain.mp4");
  ASSERT_TRUE(film) << film.error().text;
  const auto all = readers();
  ASSERT_EQ(all.size(), 1u);
  EXPECT_EQ(statusOf(all[0], "Name"), "mottix-film-rea");  // the kernel keeps fifteen letters
  if (kWalls) {
    EXPECT_EQ(statusOf(all[0], "Seccomp"), "2") << "system calls are filtered";
    EXPECT_EQ(statusOf(all[0], "NoNewPrivs"), "1");
  }
  // Nothing of this process is open there but what it is to read and to say.
  std::ifstream mine(folder / "plain.mp4");
  const std::string files = "/proc/" + std::to_string(all[0]) + "/fd";
  EXPECT_LE(std::distance(fs::directory_iterator(files), fs::directory_iterator()), 6);
}

TEST_F(FilmReader, GoesWhenTheFilmIsClosedAndLeavesNothingOpen) {
  const long before = openFiles();
  for (int i = 0; i < 30; ++i) {
    auto film = Film::open(folder / "plain.mp4");
    ASSERT_TRUE(film) << film.error().text;
    FramePicture picture;
    ASSERT_TRUE(film->readAt(static_cast<std::size_t>(i), picture, Want::kGray).value_or(false));
  }
  EXPECT_TRUE(readers().empty());
  EXPECT_EQ(openFiles(), before);
}

// The reader begins the next picture before it is asked for: whatever is asked then, in whatever order, is
// what a decoder in this process gives.
TEST_F(FilmReader, WhatIsReadAheadNeverShows) {
  auto film = Film::open(folder / "plain.mp4");
  ASSERT_TRUE(film) << film.error().text;
  const int file = open((folder / "plain.mp4").c_str(), O_RDONLY);
  auto here = FilmDecoder::open(file, "plain.mp4", {});
  ASSERT_TRUE(here) << here.error().text;
  std::mt19937 dice(7);
  int read = 0, ends = 0;
  for (int step = 0; step < 400; ++step) {
    const Want want = dice() % 6 == 0 ? Want::kColour : Want::kGray;
    if (dice() % 12 == 0) {
      const double part = dice() % 2 == 0 ? 1.0 : 0.5;
      film->shrinkTo(part);
      here->shrinkTo(part);
    }
    FramePicture a, b;
    const bool at = dice() % 10 == 0;
    const std::size_t index = dice() % kFrames;
    const auto got_a = at ? film->readAt(index, a, want) : film->readNext(a, want);
    const auto got_b = at ? here->readAt(index, b, want) : here->readNext(b, want);
    ASSERT_TRUE(got_a) << got_a.error().text;
    ASSERT_TRUE(got_b) << got_b.error().text;
    ASSERT_EQ(*got_a, *got_b) << "step " << step;
    if (!*got_a) {
      ++ends;
      continue;
    }
    ++read;
    ASSERT_EQ(a.index, b.index) << "step " << step;
    const cv::Mat& picture = want == Want::kColour ? a.bgr : a.gray;
    const cv::Mat& expected = want == Want::kColour ? b.bgr : b.gray;
    ASSERT_EQ(picture.size(), expected.size()) << "step " << step;
    ASSERT_EQ(cv::norm(picture, expected, cv::NORM_INF), 0.0) << "step " << step;
  }
  EXPECT_GT(read, 300);
  EXPECT_GT(ends, 0);
  close(file);
}

TEST_F(FilmReader, ItsDeathIsAnErrorThatNamesTheFilm) {
  struct Death {
    int signal;
    const char* word;
  };
  for (const Death& death : {Death{SIGSEGV, kWalls ? "Segmentation fault" : "ended the process"},
                             {SIGKILL, "Killed"},
                             {SIGPROF, "more time"}}) {
    auto film = Film::open(folder / "plain.mp4");
    ASSERT_TRUE(film);
    FramePicture picture;
    ASSERT_TRUE(film->readNext(picture, Want::kGray).value_or(false));
    ASSERT_EQ(readers().size(), 1u);
    kill(readers()[0], death.signal);
    auto got = film->readNext(picture, Want::kGray);
    ASSERT_FALSE(got);
    EXPECT_EQ(got.error().remedy, Remedy::kChooseAnotherFile);
    EXPECT_NE(got.error().text.find("plain.mp4"), std::string::npos) << got.error().text;
    EXPECT_NE(got.error().text.find(death.word), std::string::npos) << got.error().text;
    EXPECT_TRUE(readers().empty());
    // It stays so, and nothing hangs.
    EXPECT_EQ(film->readAt(0, picture, Want::kColour).error().text, got.error().text);
    EXPECT_TRUE(Film::open(folder / "plain.mp4"));
  }
}

TEST_F(FilmReader, ManyAtOnceKeepApart) {
  std::vector<std::thread> threads;
  std::array<int, 6> wrong{};
  for (std::size_t t = 0; t < wrong.size(); ++t)
    threads.emplace_back([&, t] {
      for (int round = 0; round < 5; ++round) {
        auto film = Film::open(folder / "plain.mp4");
        FramePicture picture;
        const std::size_t at = (7 * t + static_cast<std::size_t>(round)) % kFrames;
        if (!film || !film->readAt(at, picture, Want::kColour).value_or(false) || picture.index != at ||
            std::abs(cv::mean(picture.bgr)[0] - 40.0 - 2.0 * static_cast<double>(at)) > 2.0)
          ++wrong[t];
      }
    });
  for (auto& t : threads) t.join();
  for (const int w : wrong) EXPECT_EQ(w, 0);
}

TEST_F(FilmReader, AFilmThatAsksForOtherFilesGetsNone) {
  std::ofstream(folder / "list.m3u8") << "#EXTM3U\n#EXT-X-TARGETDURATION:5\n#EXTINF:5,\n"
                                      << (folder / "plain.mp4").string() << "\n#EXT-X-ENDLIST\n";
  std::ofstream(folder / "list.ffconcat") << "ffconcat version 1.0\nfile plain.mp4\n";
  std::ofstream(folder / "far.m3u8") << "#EXTM3U\n#EXTINF:5,\nhttp://192.0.2.1/a.ts\n#EXT-X-ENDLIST\n";
  for (const char* name : {"list.m3u8", "list.ffconcat", "far.m3u8"}) {
    const auto film = Film::open(folder / name);
    ASSERT_FALSE(film) << name;
    EXPECT_NE(film.error().text.find(name), std::string::npos) << film.error().text;
    // Nor does the decoder by itself, without walls.
    const int fd = ::open((folder / name).c_str(), O_RDONLY);
    EXPECT_FALSE(FilmDecoder::open(fd, name)) << name;
    close(fd);
  }
}

TEST_F(FilmReader, TheDecoderReadsTheSameInsideAndOut) {
  const int fd = ::open((folder / "plain.mp4").c_str(), O_RDONLY);
  auto inside = FilmDecoder::open(fd, "plain.mp4");
  auto film = Film::open(folder / "plain.mp4");
  ASSERT_TRUE(inside && film);
  EXPECT_EQ(inside->times_s(), film->times_s());
  FramePicture a, b;
  for (double part : {1.0, 0.5, 0.3}) {
    inside->shrinkTo(part);
    film->shrinkTo(part);
    for (Want want : {Want::kGray, Want::kColour}) {
      ASSERT_TRUE(inside->readAt(20, a, want).value_or(false));
      ASSERT_TRUE(film->readAt(20, b, want).value_or(false));
      const cv::Mat &x = want == Want::kGray ? a.gray : a.bgr, &y = want == Want::kGray ? b.gray : b.bgr;
      ASSERT_EQ(x.size(), y.size()) << part;
      EXPECT_EQ(cv::norm(x, y, cv::NORM_INF), 0.0) << part;
    }
  }
  close(fd);
}

TEST(FilmSandbox, WhatIsForbiddenIsRefused) {
  if (!kWalls) GTEST_SKIP() << "no walls under the sanitizer";
  EXPECT_EQ(walled({}, [] { return ::open("/etc/hostname", O_RDONLY) < 0 && errno == EACCES ? 0 : 1; }), 0);
  EXPECT_EQ(walled({}, [] { return ::open("/tmp/mottix_wall", O_CREAT | O_WRONLY, 0600) < 0 ? 0 : 1; }), 0);
  EXPECT_EQ(walled({}, [] { return socket(AF_INET, SOCK_STREAM, 0) < 0 && errno == EACCES ? 0 : 1; }), 0);
  EXPECT_EQ(walled({}, [] { return socket(AF_UNIX, SOCK_STREAM, 0) < 0 ? 0 : 1; }), 0);
  EXPECT_EQ(walled({}, [] { return fork() < 0 ? 0 : 1; }), 0);
  EXPECT_EQ(walled({},
                   [] {
                     execl("/bin/true", "true", nullptr);
                     return 0;  // still here
                   }),
            0);
  EXPECT_EQ(walled({},
                   [] {
                     void* at = mmap(nullptr, 4096, PROT_READ | PROT_WRITE | PROT_EXEC,
                                     MAP_PRIVATE | MAP_ANONYMOUS, -1, 0);
                     return at == MAP_FAILED ? 0 : 1;
                   }),
            0);
  EXPECT_EQ(walled({}, [] { return kill(getppid(), 0) != 0 && errno == EACCES ? 0 : 1; }), 0);
  // What is needed goes on.
  EXPECT_EQ(walled({},
                   [] {
                     int value = 0;
                     std::thread([&] { value = 7; }).join();
                     return value == 7 ? 0 : 1;
                   }),
            0);
}

TEST(FilmSandbox, MemoryAndTimeAreLimited) {
  if (!kWalls) GTEST_SKIP() << "no walls under the sanitizer";
  SandboxLimits small;
  small.memory_bytes = 200ULL << 20;
  const auto take = [](std::size_t megabytes) {
    void* at = mmap(nullptr, megabytes << 20, PROT_READ | PROT_WRITE, MAP_PRIVATE | MAP_ANONYMOUS, -1, 0);
    return at == MAP_FAILED ? 1 : 0;
  };
  EXPECT_EQ(walled(small, [&] { return take(100); }), 0);
  EXPECT_EQ(walled(small, [&] { return take(400); }), 1);
  EXPECT_EQ(walled({},
                   [] {
                     allowCpu(1);
                     for (std::atomic<unsigned> i = 0;; ++i)
                       if (i == 0xffffffffU) return 0;
                   }),
            1000 + SIGPROF);
}

}  // namespace
}  // namespace mottix
