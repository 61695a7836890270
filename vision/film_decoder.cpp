#include "vision/film_decoder.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdlib>
#include <cstring>

#include <unistd.h>

#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libavutil/display.h>
#include <libavutil/imgutils.h>
#include <libavutil/pixdesc.h>
#include <libswscale/swscale.h>
}

namespace mottix {
namespace {

template <auto Free>
struct AvDeleter {
  template <typename T>
  void operator()(T* p) const {
    Free(&p);
  }
};
using FormatPtr = std::unique_ptr<AVFormatContext, AvDeleter<avformat_close_input>>;
void freeBytes(AVIOContext** p) {
  if (*p != nullptr) av_freep(&(*p)->buffer);
  avio_context_free(p);
}
using AvioPtr = std::unique_ptr<AVIOContext, AvDeleter<freeBytes>>;
using CodecPtr = std::unique_ptr<AVCodecContext, AvDeleter<avcodec_free_context>>;
using PacketPtr = std::unique_ptr<AVPacket, AvDeleter<av_packet_free>>;
using FrameHolder = std::unique_ptr<AVFrame, AvDeleter<av_frame_free>>;
struct SwsDeleter {
  void operator()(SwsContext* p) const { sws_freeContext(p); }
};
using SwsPtr = std::unique_ptr<SwsContext, SwsDeleter>;

std::string errorText(int code) {
  std::array<char, AV_ERROR_MAX_STRING_SIZE> text{};
  av_strerror(code, text.data(), text.size());
  return text.data();
}

int readBytes(void* fd, uint8_t* to, int size) {
  const auto got = ::read(*static_cast<int*>(fd), to, static_cast<std::size_t>(size));
  return got > 0 ? static_cast<int>(got) : got == 0 ? AVERROR_EOF : AVERROR(errno);
}

int64_t seekBytes(void* fd, int64_t offset, int whence) {
  const int file = *static_cast<int*>(fd);
  if ((whence & AVSEEK_SIZE) != 0) {
    const off_t here = lseek(file, 0, SEEK_CUR), size = lseek(file, 0, SEEK_END);
    lseek(file, here, SEEK_SET);
    return size;
  }
  return lseek(file, offset, whence & ~AVSEEK_FORCE);
}

std::string inQuotes(const std::string& name) {
  return "“" + name + "”";
}

// How the stored picture is brought to the one displayed: mirrored first, then turned clockwise.
struct Orientation {
  int rotation_deg = 0;
  bool mirrored = false;
};

Orientation orientationOf(const AVStream& stream) {
  const uint8_t* side = av_stream_get_side_data(&stream, AV_PKT_DATA_DISPLAYMATRIX, nullptr);
  if (side == nullptr) return {};
  std::array<int32_t, 9> matrix{};
  std::memcpy(matrix.data(), side, sizeof matrix);
  Orientation o;
  // Places are rows times this matrix, so that mirroring first means the first row's sign.
  o.mirrored = static_cast<double>(matrix[0]) * matrix[4] - static_cast<double>(matrix[1]) * matrix[3] < 0.0;
  if (o.mirrored) {
    matrix[0] = -matrix[0];
    matrix[1] = -matrix[1];
  }
  const double ccw = av_display_rotation_get(matrix.data());
  if (std::isnan(ccw)) return {};
  const int quarter = static_cast<int>(std::lround(-ccw / 90.0));
  o.rotation_deg = ((quarter % 4) + 4) % 4 * 90;
  return o;
}

// Width of a row of square pixels as high as the stored ones.
int squareWidth(const AVStream& stream, int width) {
  AVRational shape = stream.sample_aspect_ratio;
  if (shape.num <= 0 || shape.den <= 0) shape = stream.codecpar->sample_aspect_ratio;
  if (shape.num <= 0 || shape.den <= 0) return width;
  return static_cast<int>(std::lround(std::min(1e6, width * av_q2d(shape))));
}

// Pictures a second at which a film stored as slow motion was recorded; zero when the file does not say.
double recordedRate(const AVFormatContext& format) {
  const AVDictionaryEntry* entry = av_dict_get(format.metadata, "com.android.capture.fps", nullptr, 0);
  const double rate = entry == nullptr ? 0.0 : std::strtod(entry->value, nullptr);
  return rate >= 10.0 && rate <= 2000.0 ? rate : 0.0;
}

// The scaler writes whole blocks of 32 pixels; a picture of another width gets room for the last of each row.
void createForScaler(cv::Mat& out, int height, int width, int type) {
  constexpr int kBlock = 32;
  if (width % kBlock == 0) return out.create(height, width, type);
  const int roomy = (width + kBlock - 1) / kBlock * kBlock;
  out = cv::Mat(height + 1, roomy, type)(cv::Rect(0, 0, width, height));
}

// The luma plane of these formats is the grey picture itself, so it is used without conversion.
bool hasEightBitLuma(int format) {
  const AVPixFmtDescriptor* d = av_pix_fmt_desc_get(static_cast<AVPixelFormat>(format));
  if (d == nullptr || (d->flags & (AV_PIX_FMT_FLAG_RGB | AV_PIX_FMT_FLAG_PAL | AV_PIX_FMT_FLAG_HWACCEL)) != 0)
    return false;
  return d->comp[0].plane == 0 && d->comp[0].depth == 8 && d->comp[0].step == 1;
}

void orient(cv::Mat& picture, int rotation_deg, bool mirrored) {
  if (mirrored) {
    cv::Mat other;
    cv::flip(picture, other, 1);
    picture = other;
  }
  if (rotation_deg == 0) return;
  cv::Mat turned;
  cv::rotate(picture, turned,
             rotation_deg == 90    ? cv::ROTATE_90_CLOCKWISE
             : rotation_deg == 180 ? cv::ROTATE_180
                                   : cv::ROTATE_90_COUNTERCLOCKWISE);
  picture = turned;
}

}  // namespace

// Rates differ by rounding and by variable light; clearly more is slow motion.
constexpr double kSlowMotion = 1.2;

struct FilmDecoder::Impl {
  std::string name;
  FilmInfo info;
  int fd = -1;
  AvioPtr bytes;  // outlives the format, which reads by it
  FormatPtr format;
  CodecPtr codec;
  PacketPtr packet{av_packet_alloc()};
  FrameHolder frame{av_frame_alloc()};
  SwsPtr to_gray, to_bgr;
  int stream_index = -1;
  std::vector<int64_t> pts;      // display order, stream time base
  std::vector<int64_t> key_pts;  // of key frames, rising
  std::vector<double> time_s;    // from the first frame
  std::size_t next_index = 0;    // display index expected from the decoder
  bool draining = false;
  bool at_start = true;
  double part = 1.0;  // of the sides of the pictures given out

  AVStream& stream() const { return *format->streams[stream_index]; }
  int codec_width() const { return info.rotation_deg % 180 != 0 ? info.height_px : info.width_px; }
  int codec_height() const { return info.rotation_deg % 180 != 0 ? info.width_px : info.height_px; }

  Expected<void> buildIndex(const FilmLimits& limits);
  Expected<bool> decodeFrame();
  void copyOut(FramePicture& out, Want want);
  int rewindTo(std::size_t index);
  std::size_t indexOfPts(int64_t value) const;
  bool keyBetween(std::size_t after, std::size_t to) const {
    const auto key = std::upper_bound(key_pts.begin(), key_pts.end(), pts[after]);
    return key != key_pts.end() && *key <= pts[to];
  }
};

FilmDecoder::FilmDecoder(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
FilmDecoder::FilmDecoder(FilmDecoder&&) noexcept = default;
FilmDecoder& FilmDecoder::operator=(FilmDecoder&&) noexcept = default;
FilmDecoder::~FilmDecoder() = default;
const FilmInfo& FilmDecoder::info() const {
  return impl_->info;
}
const std::vector<double>& FilmDecoder::times_s() const {
  return impl_->time_s;
}

void FilmDecoder::shrinkTo(double part) {
  impl_->part = std::clamp(part, kSmallestPart, 1.0);
}

Expected<FilmDecoder> FilmDecoder::open(int fd, const std::string& name, const FilmLimits& limits) {
  av_log_set_level(AV_LOG_FATAL);
  auto impl = std::make_unique<Impl>();
  impl->name = name;
  impl->fd = fd;
  constexpr int kBlock = 1 << 16;
  auto* block = static_cast<unsigned char*>(av_malloc(kBlock));
  impl->bytes.reset(avio_alloc_context(block, kBlock, 0, &impl->fd, readBytes, nullptr, seekBytes));
  AVFormatContext* raw = avformat_alloc_context();
  if (raw == nullptr || !impl->bytes) return fail(Remedy::kCheckDisk, "There is no memory left.");
  raw->pb = impl->bytes.get();
  // A film that asks for other files, or for an address, gets none. The name tells some containers apart.
  AVDictionary* how = nullptr;
  av_dict_set(&how, "protocol_whitelist", "none", 0);
  int rc = avformat_open_input(&raw, name.c_str(), nullptr, &how);
  av_dict_free(&how);
  impl->format.reset(raw);
  if (rc < 0)
    return fail(Remedy::kChooseAnotherFile, inQuotes(name) + " is not a film this program can read (" +
                                                errorText(rc) + "). Choose another file.");
  rc = avformat_find_stream_info(raw, nullptr);
  const AVCodec* decoder = nullptr;
  impl->stream_index = rc < 0 ? rc : av_find_best_stream(raw, AVMEDIA_TYPE_VIDEO, -1, -1, &decoder, 0);
  if (impl->stream_index < 0 || (impl->stream().disposition & AV_DISPOSITION_ATTACHED_PIC) != 0)
    return fail(Remedy::kChooseAnotherFile,
                inQuotes(name) + " holds no moving picture (sound only?). Choose a video file.");

  AVCodecParameters& par = *impl->stream().codecpar;
  const int width = squareWidth(impl->stream(), par.width), height = par.height;
  const std::string size = std::to_string(width) + " × " + std::to_string(height) + " pixels";
  if (par.width <= 0 || width <= 0 || height <= 0 ||
      std::max({par.width, width, height}) > limits.max_side_px)
    return fail(Remedy::kChooseAnotherFile,
                inQuotes(name) + " states a picture of " + size + ", which cannot be right or is too large.");
  if (width < limits.min_side_px || height < limits.min_side_px)
    return fail(Remedy::kFilmAgain, inQuotes(name) + " has a picture of only " + size +
                                        ". Nothing can be measured in it; film it larger.");
  if (par.field_order > AV_FIELD_PROGRESSIVE)
    return fail(Remedy::kFilmAgain,
                inQuotes(name) +
                    " is recorded in half pictures (interlaced): whatever moves is torn into combs. Set the "
                    "camera to whole pictures (progressive), or convert the film first.");
  impl->codec.reset(avcodec_alloc_context3(decoder));
  if (!impl->codec || avcodec_parameters_to_context(impl->codec.get(), &par) < 0)
    return fail(Remedy::kChooseAnotherFile, inQuotes(name) + " cannot be decoded.");
  impl->codec->thread_count = limits.decoder_threads;
  impl->codec->pkt_timebase = impl->stream().time_base;
  rc = avcodec_open2(impl->codec.get(), decoder, nullptr);
  if (rc < 0)
    return fail(Remedy::kChooseAnotherFile, inQuotes(name) + " cannot be decoded (" + errorText(rc) + ").");

  const Orientation shown = orientationOf(impl->stream());
  impl->info.rotation_deg = shown.rotation_deg;
  impl->info.mirrored = shown.mirrored;
  const bool turned = shown.rotation_deg % 180 != 0;
  impl->info.width_px = turned ? height : width;
  impl->info.height_px = turned ? width : height;
  impl->info.codec = decoder->name;
  if (auto indexed = impl->buildIndex(limits); !indexed) return tl::make_unexpected(indexed.error());
  return FilmDecoder(std::move(impl));
}

Expected<void> FilmDecoder::Impl::buildIndex(const FilmLimits& limits) {
  std::size_t pictures = 0;
  while (av_read_frame(format.get(), packet.get()) >= 0) {
    if (packet->stream_index == stream_index && (packet->flags & AV_PKT_FLAG_DISCARD) == 0) {
      ++pictures;
      const int64_t stamp = packet->pts != AV_NOPTS_VALUE ? packet->pts : packet->dts;
      if (stamp != AV_NOPTS_VALUE) pts.push_back(stamp);
      if (stamp != AV_NOPTS_VALUE && (packet->flags & AV_PKT_FLAG_KEY) != 0) key_pts.push_back(stamp);
    }
    av_packet_unref(packet.get());
    if (pts.size() > limits.max_frames)
      return fail(Remedy::kChooseAnotherFile, inQuotes(name) + " is longer than " +
                                                  std::to_string(limits.max_frames) +
                                                  " frames. Cut it to the sets and try again.");
  }
  std::sort(pts.begin(), pts.end());
  std::sort(key_pts.begin(), key_pts.end());
  pts.erase(std::unique(pts.begin(), pts.end()), pts.end());
  if (pts.empty())
    return fail(Remedy::kChooseAnotherFile,
                inQuotes(name) + " holds no frames. It may be cut off; copy it from the phone again.");
  // A few doubled stamps happen; when half of the pictures have none of their own there is no telling when.
  if (pictures > 2 * pts.size())
    return fail(Remedy::kChooseAnotherFile,
                inQuotes(name) + " has wrong time stamps: " + std::to_string(pictures) + " pictures share " +
                    std::to_string(pts.size()) + " moments. Convert it anew from the original.");
  const double base = av_q2d(stream().time_base);
  time_s.reserve(pts.size());
  for (int64_t p : pts) time_s.push_back(static_cast<double>(p - pts.front()) * base);

  std::vector<double> steps;
  for (std::size_t i = 1; i < time_s.size(); ++i) steps.push_back(time_s[i] - time_s[i - 1]);
  double usual = 1.0 / 30.0;
  if (!steps.empty()) {
    std::nth_element(steps.begin(), steps.begin() + static_cast<long>(steps.size() / 2), steps.end());
    usual = steps[steps.size() / 2];
    // Millisecond time bases round every step; only more than a tenth of a frame counts as variable.
    const double slack = std::max(0.1 * usual, 1.5 * base);
    info.variable_rate =
        std::any_of(steps.begin(), steps.end(), [&](double s) { return std::abs(s - usual) > slack; });
  }
  const double recorded = recordedRate(*format);
  if (recorded * usual > kSlowMotion) {
    info.slowed_by = recorded * usual;
    for (double& t : time_s) t /= info.slowed_by;
    usual /= info.slowed_by;
  }
  info.duration_s = time_s.back() + usual;
  rewindTo(0);
  return {};
}

int FilmDecoder::Impl::rewindTo(std::size_t index) {
  avcodec_flush_buffers(codec.get());
  draining = false;
  at_start = index == 0;
  next_index = 0;
  // Decoding order may put the key frame's first usable picture before its own time stamp, so the seek is
  // by time stamp and backward.
  return av_seek_frame(format.get(), stream_index, pts[index], AVSEEK_FLAG_BACKWARD);
}

std::size_t FilmDecoder::Impl::indexOfPts(int64_t value) const {
  const auto it = std::lower_bound(pts.begin(), pts.end(), value);
  if (it == pts.end()) return pts.size() - 1;
  const auto at = static_cast<std::size_t>(it - pts.begin());
  if (at > 0 && *it != value && value - pts[at - 1] < *it - value) return at - 1;
  return at;
}

Expected<bool> FilmDecoder::Impl::decodeFrame() {
  constexpr int kMaxDamagedInARow = 1000;
  int damaged = 0;
  while (true) {
    const int got = avcodec_receive_frame(codec.get(), frame.get());
    if (got == 0 && frame->width > 0 && frame->height > 0) return true;
    if (got == AVERROR_EOF) return false;
    if (got != AVERROR(EAGAIN)) {  // a damaged picture: go on with the next
      if (++damaged > kMaxDamagedInARow) return false;
      continue;
    }
    if (draining) return false;
    const int rc = av_read_frame(format.get(), packet.get());
    if (rc < 0) {
      draining = true;
      avcodec_send_packet(codec.get(), nullptr);
      continue;
    }
    if (packet->stream_index == stream_index) avcodec_send_packet(codec.get(), packet.get());
    av_packet_unref(packet.get());
  }
}

void FilmDecoder::Impl::copyOut(FramePicture& out, Want want) {
  const AVFrame& f = *frame;
  // A film may change its picture size half-way; every frame is brought to the size first stated.
  const int width = codec_width(), height = codec_height();
  const int wide = std::max(1, static_cast<int>(std::lround(part * width))),
            high = std::max(1, static_cast<int>(std::lround(part * height)));
  out.index = next_index;
  out.time_s = time_s[next_index];
  const auto source = static_cast<AVPixelFormat>(f.format);
  if (want == Want::kColour) {
    to_bgr.reset(sws_getCachedContext(to_bgr.release(), f.width, f.height, source, wide, high,
                                      AV_PIX_FMT_BGR24, SWS_BILINEAR, nullptr, nullptr, nullptr));
    createForScaler(out.bgr, high, wide, CV_8UC3);
    std::array<uint8_t*, 1> data = {out.bgr.data};
    std::array<int, 1> stride = {static_cast<int>(out.bgr.step)};
    sws_scale(to_bgr.get(), f.data, f.linesize, 0, f.height, data.data(), stride.data());
    orient(out.bgr, info.rotation_deg, info.mirrored);
    return;
  }
  const cv::Mat luma(f.height, f.width, CV_8UC1, f.data[0], static_cast<std::size_t>(f.linesize[0]));
  if (hasEightBitLuma(f.format) && f.width == wide && f.height == high) {
    luma.copyTo(out.gray);
  } else if (hasEightBitLuma(f.format) && f.width % wide == 0 && f.height % high == 0) {
    cv::resize(luma, out.gray, {wide, high}, 0, 0, cv::INTER_AREA);  // whole numbers of pixels: quick
  } else {
    to_gray.reset(sws_getCachedContext(to_gray.release(), f.width, f.height, source, wide, high,
                                       AV_PIX_FMT_GRAY8, SWS_BILINEAR, nullptr, nullptr, nullptr));
    createForScaler(out.gray, high, wide, CV_8UC1);
    std::array<uint8_t*, 1> data = {out.gray.data};
    std::array<int, 1> stride = {static_cast<int>(out.gray.step)};
    sws_scale(to_gray.get(), f.data, f.linesize, 0, f.height, data.data(), stride.data());
  }
  orient(out.gray, info.rotation_deg, info.mirrored);
}

Expected<bool> FilmDecoder::readNext(FramePicture& out, Want want) {
  Impl& m = *impl_;
  while (true) {
    auto got = m.decodeFrame();
    if (!got || !*got) return got;
    std::size_t index = m.at_start ? m.next_index : m.next_index + 1;
    if (m.frame->best_effort_timestamp != AV_NOPTS_VALUE)
      index = m.indexOfPts(m.frame->best_effort_timestamp);
    index = std::min(index, m.pts.size() - 1);
    // After damage a decoder may give a picture twice or out of order; time never runs backward here.
    if (!m.at_start && index <= m.next_index) continue;
    m.next_index = index;
    m.at_start = false;
    m.copyOut(out, want);
    return true;
  }
}

Expected<bool> FilmDecoder::readAt(std::size_t index, FramePicture& out, Want want) {
  Impl& m = *impl_;
  index = std::min(index, m.pts.size() - 1);
  // Ahead of here it is decoded through, unless a key frame lies between and it is more than a step; anything
  // else starts from the key frame before it.
  constexpr std::size_t kStep = 4;
  const bool ahead = !m.at_start && !m.draining && index > m.next_index &&
                     (index - m.next_index <= kStep || !m.keyBetween(m.next_index, index));
  if (!ahead && m.rewindTo(index) < 0) m.rewindTo(0);
  while (true) {
    auto got = m.decodeFrame();
    if (!got || !*got) return got;
    m.at_start = false;
    if (m.frame->best_effort_timestamp != AV_NOPTS_VALUE)
      m.next_index = m.indexOfPts(m.frame->best_effort_timestamp);
    if (m.next_index >= index) break;
  }
  m.copyOut(out, want);
  return true;
}

}  // namespace mottix
