// The process that reads one film for one `Film`: the file, a socket and the memory for its pictures are open
// when it begins (vision/film_wire.h). It ends when nobody listens any more.
#include <sys/mman.h>
#include <unistd.h>

#include <algorithm>
#include <cmath>
#include <cstring>
#include <new>
#include <string>

#include <opencv2/core.hpp>

#include "vision/film_decoder.h"
#include "vision/film_sandbox.h"
#include "vision/film_wire.h"

namespace mottix {
namespace {

// Enough for a film of an hour without key frames; what takes longer has lost its way.
constexpr int kOpenCpu_s = 300, kPictureCpu_s = 300;

bool sayError(const Error& error) {
  wire::Answer answer;
  answer.outcome = wire::Outcome::kError;
  answer.remedy = static_cast<std::int32_t>(error.remedy);
  answer.text_size = static_cast<std::uint32_t>(std::min<std::size_t>(error.text.size(), wire::kLongestText));
  return wire::send(wire::kSocket, &answer, sizeof answer) &&
         wire::send(wire::kSocket, error.text.data(), answer.text_size);
}

bool sayOpened(const FilmDecoder& film) {
  const FilmInfo& info = film.info();
  wire::Opened opened{info.width_px,   info.height_px,     info.rotation_deg,
                      info.mirrored,   info.variable_rate, {},
                      info.duration_s, info.slowed_by,     film.times_s().size()};
  info.codec.copy(opened.codec.data(), opened.codec.size() - 1);
  wire::Answer answer;
  answer.outcome = wire::Outcome::kGot;
  return wire::send(wire::kSocket, &answer, sizeof answer) &&
         wire::send(wire::kSocket, &opened, sizeof opened) &&
         wire::send(wire::kSocket, film.times_s().data(), film.times_s().size() * sizeof(double));
}

class Pictures {
 public:
  // Where a picture goes; empty when there is no such memory.
  cv::Mat room(std::uint64_t slot, int rows, int cols, int type) {
    if (at_ == nullptr) map();
    const std::size_t bytes =
        CV_ELEM_SIZE(type) * static_cast<std::size_t>(rows) * static_cast<std::size_t>(cols);
    if (slot >= wire::kSlots || bytes > slot_bytes_) return {};
    return {rows, cols, type, at_ + slot * slot_bytes_};
  }

 private:
  std::byte* at_ = nullptr;
  std::size_t slot_bytes_ = 0;

  void map() {
    const off_t size = lseek(wire::kPictures, 0, SEEK_END);
    if (size <= 0) return;
    void* at =
        mmap(nullptr, static_cast<std::size_t>(size), PROT_READ | PROT_WRITE, MAP_SHARED, wire::kPictures, 0);
    if (at == MAP_FAILED) return;
    at_ = static_cast<std::byte*>(at);
    slot_bytes_ = static_cast<std::size_t>(size) / wire::kSlots;
  }
};

bool sayPicture(FilmDecoder& film, Pictures& pictures, const wire::Request& asked) {
  const bool colour = asked.colour != 0;
  const int type = colour ? CV_8UC3 : CV_8UC1;
  film.shrinkTo(asked.part);
  FramePicture picture;
  cv::Mat& given = colour ? picture.bgr : picture.gray;
  if (film.info().rotation_deg == 0) {  // decoded where it is wanted; a turned picture is copied there
    const double part = std::clamp(asked.part, FilmDecoder::kSmallestPart, 1.0);
    given =
        pictures.room(asked.slot, std::max(1, static_cast<int>(std::lround(part * film.info().height_px))),
                      std::max(1, static_cast<int>(std::lround(part * film.info().width_px))), type);
  }
  const Want want = colour ? Want::kColour : Want::kGray;
  const auto got = asked.at != 0 ? film.readAt(asked.index, picture, want) : film.readNext(picture, want);
  if (!got) return sayError(got.error());
  wire::Answer answer;
  if (*got) {
    cv::Mat room = pictures.room(asked.slot, given.rows, given.cols, type);
    if (room.empty())
      return sayError({Remedy::kChooseAnotherFile, "A picture is larger than the film states."});
    if (given.data != room.data) given.copyTo(room);
    answer = {wire::Outcome::kGot, 0, 0, given.rows, given.cols, picture.index};
  }
  return wire::send(wire::kSocket, &answer, sizeof answer);
}

void serve(const std::string& name) {
  FilmLimits limits;
  if (!wire::receive(wire::kSocket, &limits, sizeof limits)) return;
  allowCpu(kOpenCpu_s);
  auto film = FilmDecoder::open(wire::kFilm, name, limits);
  if (!film) {
    sayError(film.error());
    return;
  }
  if (!sayOpened(*film)) return;
  Pictures pictures;
  for (wire::Request asked; wire::receive(wire::kSocket, &asked, sizeof asked);) {
    allowCpu(kPictureCpu_s);
    if (!sayPicture(*film, pictures, asked)) return;
  }
}

}  // namespace
}  // namespace mottix

int main(int argc, char** argv) {
  if (argc != 2 || lseek(mottix::wire::kFilm, 0, SEEK_CUR) < 0) {
    constexpr char kWhy[] = "mottix-film-reader reads films for Mottix and is not started by hand.\n";
    return write(STDERR_FILENO, kWhy, sizeof kWhy - 1) > 0 ? 2 : 3;
  }
  cv::setNumThreads(1);  // the decoder has threads of its own
  constexpr int kAfterOthers = 5;
  (void)nice(kAfterOthers);  // a window that must answer comes first
  mottix::enterSandbox();
  try {
    mottix::serve(argv[1]);
  } catch (const std::bad_alloc&) {
    mottix::sayError(
        {mottix::Remedy::kChooseAnotherFile,
         "“" + std::string(argv[1]) + "” needs more memory than a film may have. Choose another file."});
  } catch (const std::exception& e) {
    mottix::sayError(
        {mottix::Remedy::kChooseAnotherFile,
         "“" + std::string(argv[1]) + "” cannot be decoded (" + e.what() + "). Choose another file."});
  }
  _exit(0);
}
