#include "vision/film.h"

#include <fcntl.h>
#include <spawn.h>
#include <sys/mman.h>
#include <sys/socket.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <csignal>
#include <cstring>
#include <fstream>
#include <tuple>
#include <utility>

extern "C" {
#include <libavutil/mem.h>
#include <libavutil/sha.h>
}

#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "core/motion/camera_shake.h"
#include "vision/film_wire.h"

namespace mottix {
namespace {

std::string quoted(const std::filesystem::path& path) {
  return "“" + path.filename().string() + "”";
}

// Beside the program in the build folder; below libexec where it is installed.
std::filesystem::path readerProgram() {
  std::error_code ec;
  const auto here = std::filesystem::read_symlink("/proc/self/exe", ec).parent_path();
  const auto beside = here / "mottix-film-reader";
  return std::filesystem::exists(beside, ec) ? beside
                                             : here.parent_path() / "libexec/mottix/mottix-film-reader";
}

class Descriptor {
 public:
  explicit Descriptor(int fd = -1) : fd_(fd) {}
  Descriptor(Descriptor&& other) noexcept : fd_(std::exchange(other.fd_, -1)) {}
  Descriptor& operator=(Descriptor&& other) noexcept {
    std::swap(fd_, other.fd_);
    return *this;
  }
  ~Descriptor() {
    if (fd_ >= 0) close(fd_);
  }
  int get() const { return fd_; }
  // Out of the way of the numbers that the reading process knows.
  Descriptor high() const { return Descriptor(fcntl(fd_, F_DUPFD_CLOEXEC, 16)); }

 private:
  int fd_;
};

// The process that decodes (vision/film_reader_main.cpp).
class Reader {
 public:
  Reader(Reader&&) = delete;
  Reader() = default;
  ~Reader() {
    end();
    if (pictures_ != nullptr) munmap(pictures_, size_);
  }

  Expected<void> start(const std::filesystem::path& film) {
    Descriptor file(::open(film.c_str(), O_RDONLY | O_CLOEXEC));
    if (file.get() < 0)
      return fail(Remedy::kCheckDisk, quoted(film) + " cannot be read. Check the permissions of the file.");
    std::array<int, 2> ends{-1, -1};
    const bool paired = socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0, ends.data()) == 0;
    socket_ = Descriptor(ends[0]);
    const Descriptor theirs(ends[1]);
    memory_ = Descriptor(memfd_create("film pictures", MFD_CLOEXEC | MFD_ALLOW_SEALING));
    if (!paired || memory_.get() < 0)
      return fail(Remedy::kCheckDisk, "There is no memory left to read a film.");
    const Descriptor socket = theirs.high(), source = file.high(), pictures = memory_.high();
    posix_spawn_file_actions_t files;
    posix_spawn_file_actions_init(&files);
    posix_spawn_file_actions_adddup2(&files, socket.get(), wire::kSocket);
    posix_spawn_file_actions_adddup2(&files, source.get(), wire::kFilm);
    posix_spawn_file_actions_adddup2(&files, pictures.get(), wire::kPictures);
    posix_spawn_file_actions_addclosefrom_np(&files, wire::kPictures + 1);
    posix_spawnattr_t how;
    posix_spawnattr_init(&how);
    sigset_t none;
    sigemptyset(&none);
    posix_spawnattr_setsigmask(&how, &none);
    posix_spawnattr_setflags(&how, POSIX_SPAWN_SETSIGMASK);
    const std::string program = readerProgram().string();
    std::string name = film.filename().string(), self = "mottix-film-reader";
    std::array<char*, 3> words{self.data(), name.data(), nullptr};
    std::array<char*, 1> environment{nullptr};
    const int rc = posix_spawn(&pid_, program.c_str(), &files, &how, words.data(), environment.data());
    posix_spawnattr_destroy(&how);
    posix_spawn_file_actions_destroy(&files);
    if (rc == 0) return {};
    pid_ = -1;
    return fail(Remedy::kUpdateProgram, "The part of the program that reads films (" + program +
                                            ") does not start: " + std::strerror(rc) +
                                            ". Install the program anew.");
  }

  // For each part of an answer: twice the processor time that the reader allows itself, which ends it sooner.
  static constexpr int kPatience_ms = 600 * 1000;

  bool say(const void* data, std::size_t size) { return wire::send(socket_.get(), data, size); }
  bool hear(void* data, std::size_t size) { return wire::receive(socket_.get(), data, size, kPatience_ms); }

  // Memory for pictures of this size, which the reader can neither shrink nor enlarge.
  bool makeRoom(std::size_t size) {
    if (ftruncate(memory_.get(), static_cast<off_t>(size)) != 0) return false;
    if (fcntl(memory_.get(), F_ADD_SEALS, F_SEAL_SHRINK | F_SEAL_GROW | F_SEAL_SEAL) != 0) return false;
    void* at = mmap(nullptr, size, PROT_READ, MAP_SHARED, memory_.get(), 0);
    if (at == MAP_FAILED) return false;
    pictures_ = at;
    size_ = size;
    return true;
  }
  const std::byte* picture(std::uint64_t slot) const {
    return static_cast<const std::byte*>(pictures_) + slot * (size_ / wire::kSlots);
  }

  // Why it does not answer any more; it is gone after this.
  Error whyGone(const std::filesystem::path& film) {
    constexpr int kMoment_ms = 200;
    int how = 0;
    for (int waited_ms = 0; pid_ > 0 && waited_ms < kMoment_ms; ++waited_ms) {
      if (waitpid(pid_, &how, WNOHANG) == pid_)
        pid_ = -1;
      else
        usleep(1000);
    }
    const bool too_long =
        pid_ > 0 || (WIFSIGNALED(how) && (WTERMSIG(how) == SIGPROF || WTERMSIG(how) == SIGXCPU));
    end();
    const std::string mend =
        " Nothing else is harmed. Convert it anew from the original, or choose another file.";
    if (too_long)
      return {Remedy::kChooseAnotherFile,
              quoted(film) + " takes more time to decode than any film needs, and was given up." + mend};
    return {Remedy::kChooseAnotherFile,
            quoted(film) + " is damaged in a way that ended the process that reads it" +
                (WIFSIGNALED(how) ? " (" + std::string(sigdescr_np(WTERMSIG(how))) + ")." : ".") + mend};
  }

 private:
  pid_t pid_ = -1;
  Descriptor socket_, memory_;
  void* pictures_ = nullptr;
  std::size_t size_ = 0;

  void end() {
    if (pid_ <= 0) return;
    kill(pid_, SIGKILL);
    while (waitpid(pid_, nullptr, 0) < 0 && errno == EINTR) {
    }
    pid_ = -1;
  }
};

}  // namespace

struct Film::Impl {
  std::filesystem::path path;
  FilmInfo info;
  std::vector<double> time_s;
  double part = 1.0;
  std::vector<PictureMove> moves;
  Reader reader;
  std::optional<Error> broken;  // once the reader is gone nothing more comes of this film
  // What the reader works at already: who asks for the next picture twice is taken to go on.
  std::optional<wire::Request> ahead;
  bool going_on = false;

  Error gone() {
    broken = reader.whyGone(path);
    return *broken;
  }
  Error errorIn(const wire::Answer& answer);
  Expected<void> hearOpened(const FilmLimits& limits);
  Expected<bool> next(Want want, FramePicture& out);
  Expected<bool> at(std::size_t index, Want want, FramePicture& out);
  Expected<bool> ask(const wire::Request& request, FramePicture& out);
  Expected<std::optional<wire::Answer>> answerTo(const wire::Request& request);
  void take(const wire::Request& request, const wire::Answer& answer, FramePicture& out) const;
  void steady(cv::Mat& picture, std::size_t index) const;
};

Film::Film(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
Film::Film(Film&&) noexcept = default;
Film& Film::operator=(Film&&) noexcept = default;
Film::~Film() = default;
const FilmInfo& Film::info() const {
  return impl_->info;
}
const std::filesystem::path& Film::path() const {
  return impl_->path;
}
const std::vector<double>& Film::times_s() const {
  return impl_->time_s;
}

void Film::shrinkTo(double part) {
  impl_->part = std::clamp(part, 0.05, 1.0);  // as the decoder does
}

void Film::steadyBy(std::vector<PictureMove> moves) {
  impl_->moves = std::move(moves);
}

Expected<Film> Film::open(const std::filesystem::path& path, const FilmLimits& limits) {
  std::error_code ec;
  if (!std::filesystem::exists(path, ec))
    return fail(Remedy::kChooseAnotherFile,
                quoted(path) + " is not there any more. Was it moved or renamed? Show where it is now.");
  if (!std::filesystem::is_regular_file(path, ec))
    return fail(Remedy::kChooseAnotherFile, quoted(path) + " is not a file. Choose a video file.");
  auto impl = std::make_unique<Impl>();
  impl->path = path;
  if (auto started = impl->reader.start(path); !started) return tl::make_unexpected(started.error());
  if (!impl->reader.say(&limits, sizeof limits)) return tl::make_unexpected(impl->gone());
  if (auto opened = impl->hearOpened(limits); !opened) return tl::make_unexpected(opened.error());
  return Film(std::move(impl));
}

Error Film::Impl::errorIn(const wire::Answer& answer) {
  std::string text(std::min(answer.text_size, wire::kLongestText), ' ');
  if (!reader.hear(text.data(), text.size())) return gone();
  const bool known = answer.remedy >= 0 && answer.remedy <= static_cast<int>(Remedy::kCancelled);
  return {known ? static_cast<Remedy>(answer.remedy) : Remedy::kChooseAnotherFile, text};
}

Expected<void> Film::Impl::hearOpened(const FilmLimits& limits) {
  wire::Answer answer;
  if (!reader.hear(&answer, sizeof answer)) return tl::make_unexpected(gone());
  if (answer.outcome == wire::Outcome::kError) return tl::make_unexpected(errorIn(answer));
  wire::Opened opened;
  if (answer.outcome != wire::Outcome::kGot || !reader.hear(&opened, sizeof opened))
    return tl::make_unexpected(gone());
  auto inside = [&](int side_px) { return side_px > 0 && side_px <= limits.max_side_px; };
  const bool sane = inside(opened.width_px) && inside(opened.height_px) && opened.rotation_deg >= 0 &&
                    opened.rotation_deg < 360 && opened.rotation_deg % 90 == 0 && opened.frames > 0 &&
                    opened.frames <= limits.max_frames && std::isfinite(opened.duration_s) &&
                    opened.slowed_by >= 1.0 && std::isfinite(opened.slowed_by);
  if (!sane || !reader.makeRoom(wire::kSlots * wire::slotBytes(opened.width_px, opened.height_px)))
    return tl::make_unexpected(gone());
  time_s.resize(opened.frames);
  if (!reader.hear(time_s.data(), time_s.size() * sizeof(double))) return tl::make_unexpected(gone());
  for (std::size_t i = 0; i < time_s.size(); ++i)
    if (!std::isfinite(time_s[i]) || (i > 0 && !(time_s[i] > time_s[i - 1])))
      return tl::make_unexpected(gone());
  opened.codec.back() = '\0';
  info = {opened.width_px,     opened.height_px,          opened.rotation_deg, opened.mirrored != 0,
          opened.codec.data(), opened.variable_rate != 0, opened.duration_s,   opened.slowed_by};
  return {};
}

// Nothing when the film is at its end. The error of a picture is read whole, so that the next may be asked.
Expected<std::optional<wire::Answer>> Film::Impl::answerTo(const wire::Request& request) {
  wire::Answer answer;
  if (!reader.hear(&answer, sizeof answer)) return tl::make_unexpected(gone());
  if (answer.outcome == wire::Outcome::kEnd) return std::nullopt;
  if (answer.outcome != wire::Outcome::kGot) return tl::make_unexpected(errorIn(answer));
  const std::size_t pixel = request.colour != 0 ? 3 : 1;
  if (answer.index >= time_s.size() || answer.rows <= 0 || answer.cols <= 0 ||
      static_cast<std::size_t>(answer.rows) * static_cast<std::size_t>(answer.cols) * pixel >
          wire::slotBytes(info.width_px, info.height_px))
    return tl::make_unexpected(gone());
  return answer;
}

Expected<bool> Film::Impl::ask(const wire::Request& request, FramePicture& out) {
  if (!reader.say(&request, sizeof request)) return tl::make_unexpected(gone());
  const auto answer = answerTo(request);
  if (!answer) return tl::make_unexpected(answer.error());
  if (!*answer) return false;
  take(request, **answer, out);
  return true;
}

void Film::Impl::take(const wire::Request& request, const wire::Answer& answer, FramePicture& out) const {
  out.index = answer.index;
  out.time_s = time_s[answer.index];
  cv::Mat& picture = request.colour != 0 ? out.bgr : out.gray;
  picture.create(answer.rows, answer.cols, request.colour != 0 ? CV_8UC3 : CV_8UC1);
  std::memcpy(picture.data, reader.picture(request.slot), picture.total() * picture.elemSize());
  steady(picture, out.index);
}

Expected<bool> Film::Impl::at(std::size_t index, Want want, FramePicture& out) {
  if (broken) return tl::make_unexpected(*broken);
  going_on = false;
  if (ahead) {
    std::ignore = answerTo(*std::exchange(ahead, std::nullopt));
    if (broken) return tl::make_unexpected(*broken);
  }
  return ask({1, want == Want::kColour ? 1U : 0U, index, part, 0}, out);
}

Expected<bool> Film::Impl::next(Want want, FramePicture& out) {
  if (broken) return tl::make_unexpected(*broken);
  wire::Request asked{0, want == Want::kColour ? 1U : 0U, 0, part, 0};
  if (!ahead) {
    if (!reader.say(&asked, sizeof asked)) return tl::make_unexpected(gone());
  } else if (const auto begun = *std::exchange(ahead, std::nullopt);
             begun.colour == asked.colour && begun.part == asked.part) {
    asked = begun;
  } else {  // it is wanted otherwise than it was begun
    const auto answer = answerTo(begun);
    if (!answer) return tl::make_unexpected(answer.error());
    if (!*answer) return false;
    return at((*answer)->index, want, out);
  }
  const auto answer = answerTo(asked);
  if (!answer) return tl::make_unexpected(answer.error());
  if (!*answer) return false;
  if (std::exchange(going_on, true)) {
    ahead = wire::Request{0, asked.colour, 0, part, (asked.slot + 1) % wire::kSlots};
    if (!reader.say(&*ahead, sizeof *ahead)) ahead.reset();  // said at the next picture
  }
  take(asked, **answer, out);
  return true;
}

void Film::Impl::steady(cv::Mat& picture, std::size_t index) const {
  if (index >= moves.size() || !moves[index].known) return;
  PictureMove move = moves[index];
  move.shift_px *= part;
  const Vec2 middle(0.5 * picture.cols, 0.5 * picture.rows);
  const Vec2 o = toPictureMoved(move, middle, {0.5, 0.5}), x = toPictureMoved(move, middle, {1.5, 0.5}) - o,
             y = toPictureMoved(move, middle, {0.5, 1.5}) - o;
  const cv::Matx23d to_picture(x.x(), y.x(), o.x() - 0.5, x.y(), y.y(), o.y() - 0.5);
  cv::Mat out;
  cv::warpAffine(picture, out, to_picture, picture.size(), cv::INTER_LINEAR | cv::WARP_INVERSE_MAP,
                 cv::BORDER_REPLICATE);
  picture = out;
}

Expected<bool> Film::readNext(FramePicture& out, Want want) {
  return impl_->next(want, out);
}

Expected<bool> Film::readAt(std::size_t index, FramePicture& out, Want want) {
  return impl_->at(index, want, out);
}

Expected<std::string> computeSha256(const std::filesystem::path& path) {
  std::ifstream in(path, std::ios::binary);
  if (!in) return fail(Remedy::kCheckDisk, quoted(path) + " cannot be read.");
  struct ShaFree {
    void operator()(AVSHA* p) const { av_free(p); }
  };
  std::unique_ptr<AVSHA, ShaFree> sha(av_sha_alloc());
  av_sha_init(sha.get(), 256);
  std::vector<char> block(1 << 16);
  while (in.read(block.data(), static_cast<std::streamsize>(block.size())) || in.gcount() > 0)
    av_sha_update(sha.get(), reinterpret_cast<const uint8_t*>(block.data()),
                  static_cast<std::size_t>(in.gcount()));
  std::array<uint8_t, 32> digest{};
  av_sha_final(sha.get(), digest.data());
  std::string hex;
  for (uint8_t byte : digest) {
    constexpr std::string_view kDigits = "0123456789abcdef";
    hex += kDigits[byte >> 4];
    hex += kDigits[byte & 15];
  }
  return hex;
}

Expected<void> readBackward(Film& film, std::size_t from, Want want,
                            const std::function<bool(const FramePicture&)>& visit) {
  constexpr std::size_t kStretch = 48;
  std::size_t end = std::min(from + 1, film.frameCount());
  while (end > 0) {
    const std::size_t begin = end > kStretch ? end - kStretch : 0;
    std::vector<FramePicture> stretch;
    FramePicture picture;
    auto got = film.readAt(begin, picture, want);
    while (got && *got && picture.index < end) {
      FramePicture copy = picture;
      copy.gray = picture.gray.clone();
      copy.bgr = picture.bgr.clone();
      stretch.push_back(std::move(copy));
      got = film.readNext(picture, want);
    }
    if (!got) return tl::make_unexpected(got.error());
    for (auto p = stretch.rbegin(); p != stretch.rend(); ++p)
      if (!visit(*p)) return fail(Remedy::kCancelled, "Stopped.");
    end = begin;
  }
  return {};
}

}  // namespace mottix
