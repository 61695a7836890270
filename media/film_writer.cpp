#include "media/film_writer.h"

#include <array>
#include <cmath>
#include <utility>

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libavutil/display.h>
#include <libavutil/opt.h>
#include <libswscale/swscale.h>
}

#include <opencv2/core.hpp>

namespace mottix {
namespace {

struct Encoder {
  const char *codec, *name;
  AVPixelFormat pixels = AV_PIX_FMT_YUV420P;
  std::array<std::pair<const char*, const char*>, 3> options = {};
  int quality = 0;  // of encoders with a fixed quantiser
};
// libx264 weighs its look ahead by macroblock trees a little differently from run to run on a busy machine;
// without them the same pictures give the same film.
const std::array<Encoder, 6> kEncoders = {{
    {"h264", "libx264", AV_PIX_FMT_YUV420P, {{{"crf", "23"}, {"preset", "veryfast"}, {"mbtree", "0"}}}},
    {"hevc",
     "libx265",
     AV_PIX_FMT_YUV420P,
     {{{"crf", "26"}, {"preset", "ultrafast"}, {"x265-params", "log-level=none"}}}},
    {"vp9", "libvpx-vp9", AV_PIX_FMT_YUV420P, {{{"crf", "33"}, {"deadline", "realtime"}, {"cpu-used", "8"}}}},
    {"av1", "libaom-av1", AV_PIX_FMT_YUV420P, {{{"crf", "33"}, {"usage", "realtime"}, {"cpu-used", "8"}}}},
    {"mpeg4", "mpeg4", AV_PIX_FMT_YUV420P, {}, 4},
    {"mjpeg", "mjpeg", AV_PIX_FMT_YUVJ420P, {}, 4},
}};

}  // namespace

struct FilmWriter::Impl {
  std::filesystem::path path;
  AVFormatContext* format = nullptr;
  AVCodecContext* codec = nullptr;
  AVStream* stream = nullptr;
  AVFrame* frame = av_frame_alloc();
  AVPacket* packet = av_packet_alloc();
  SwsContext* scale = nullptr;
  std::int64_t next = 0;
  int rotation_deg = 0;
  int ticks = 100;  // of the clock, between two even pictures
  cv::Mat turned;

  ~Impl() {
    sws_freeContext(scale);
    av_packet_free(&packet);
    av_frame_free(&frame);
    avcodec_free_context(&codec);
    if (format != nullptr) {
      avio_closep(&format->pb);
      avformat_free_context(format);
    }
  }
  tl::unexpected<Error> bad(const std::string& what, int code) const {
    std::array<char, AV_ERROR_MAX_STRING_SIZE> text{};
    av_strerror(code, text.data(), text.size());
    return fail(Remedy::kCheckDisk, "“" + path.string() + "”: " + what + " (" + text.data() +
                                        "). Check the folder, its permissions and the free space.");
  }
  Expected<void> drain() {
    while (true) {
      const int got = avcodec_receive_packet(codec, packet);
      if (got == AVERROR(EAGAIN) || got == AVERROR_EOF) return {};
      if (got < 0) return bad("a picture could not be encoded", got);
      // Without it the last picture would last no time, and some readers leave it out.
      packet->duration = ticks;
      av_packet_rescale_ts(packet, codec->time_base, stream->time_base);
      packet->stream_index = stream->index;
      if (const int rc = av_interleaved_write_frame(format, packet); rc < 0)
        return bad("the film cannot be written", rc);
    }
  }
};

FilmWriter::FilmWriter(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
FilmWriter::FilmWriter(FilmWriter&&) noexcept = default;
FilmWriter& FilmWriter::operator=(FilmWriter&&) noexcept = default;
FilmWriter::~FilmWriter() = default;

Expected<FilmWriter> FilmWriter::create(const std::filesystem::path& path, int width_px, int height_px,
                                        int fps_milli, const FilmFormat& format) {
  av_log_set_level(AV_LOG_FATAL);
  if (width_px < 64 || height_px < 64 || width_px % 2 != 0 || height_px % 2 != 0 || fps_milli < 1000)
    return fail(Remedy::kCorrectInput,
                "A film needs even sides of 64 pixels or more and one picture a second or more.");
  auto m = std::make_unique<Impl>();
  m->path = path;
  const Encoder* with = nullptr;
  for (const Encoder& e : kEncoders)
    if (format.codec == e.codec) with = &e;
  if (with == nullptr)
    return fail(Remedy::kCorrectInput,
                "Films are written as h264, hevc, vp9, av1, mpeg4 or mjpeg, not “" + format.codec + "”.");
  int rc = avformat_alloc_output_context2(&m->format, nullptr, nullptr, path.c_str());
  if (rc < 0)
    return fail(Remedy::kCorrectInput,
                "“" + path.string() +
                    "”: no film is written into such a file. Call it .mp4, .mov, .mkv, "
                    ".webm or .avi.");
  const AVCodec* encoder = avcodec_find_encoder_by_name(with->name);
  if (encoder == nullptr)
    return fail(Remedy::kUpdateProgram, "This FFmpeg has no encoder for " + format.codec + ".");
  const std::string container = m->format->oformat->name;
  if (format.stored_rotation_deg != 0 && container != "mp4" && container != "mov")
    return fail(Remedy::kCorrectInput, "Only .mp4 and .mov say by how much a picture is stored turned.");
  if (container == "avi") m->ticks = 1;  // it has a place for every tick
  m->rotation_deg = format.stored_rotation_deg;
  if (m->rotation_deg % 180 != 0) std::swap(width_px, height_px);
  m->stream = avformat_new_stream(m->format, nullptr);
  m->codec = avcodec_alloc_context3(encoder);
  m->codec->width = width_px;
  m->codec->height = height_px;
  m->codec->pix_fmt = with->pixels;
  m->codec->time_base = av_make_q(1000 / m->ticks, fps_milli);
  m->codec->framerate = {fps_milli, 1000};
  m->codec->gop_size = 60;
  m->codec->colorspace = AVCOL_SPC_BT709;
  m->codec->color_range = with->pixels == AV_PIX_FMT_YUVJ420P ? AVCOL_RANGE_JPEG : AVCOL_RANGE_MPEG;
  m->codec->thread_count = 2;
  if ((m->format->oformat->flags & AVFMT_GLOBALHEADER) != 0) m->codec->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
  for (const auto& [name, value] : with->options)
    if (name != nullptr) av_opt_set(m->codec->priv_data, name, value, 0);
  if (with->quality > 0) {
    m->codec->flags |= AV_CODEC_FLAG_QSCALE;
    m->codec->global_quality = FF_QP2LAMBDA * with->quality;
  }
  if (rc = avcodec_open2(m->codec, encoder, nullptr); rc < 0) return m->bad("the encoder does not start", rc);
  m->stream->time_base = m->codec->time_base;
  avcodec_parameters_from_context(m->stream->codecpar, m->codec);
  if (m->rotation_deg != 0) {
    auto* matrix = reinterpret_cast<std::int32_t*>(
        av_stream_new_side_data(m->stream, AV_PKT_DATA_DISPLAYMATRIX, 9 * sizeof(std::int32_t)));
    if (matrix != nullptr) av_display_rotation_set(matrix, m->rotation_deg);
  }
  if (rc = avio_open(&m->format->pb, path.c_str(), AVIO_FLAG_WRITE); rc < 0)
    return m->bad("the file cannot be written", rc);
  // No date and no library version inside: the same plan gives the same file.
  m->format->flags |= AVFMT_FLAG_BITEXACT;
  AVDictionary* how = nullptr;
  if (format.begins_at_once && (container == "mp4" || container == "mov"))
    av_dict_set(&how, "movflags", "+faststart", 0);
  rc = avformat_write_header(m->format, &how);
  av_dict_free(&how);
  if (rc < 0) return m->bad("the file cannot be written", rc);
  m->frame->format = with->pixels;
  m->frame->width = width_px;
  m->frame->height = height_px;
  av_frame_get_buffer(m->frame, 0);
  m->scale = sws_getContext(width_px, height_px, AV_PIX_FMT_BGR24, width_px, height_px, with->pixels,
                            SWS_BILINEAR | SWS_ACCURATE_RND, nullptr, nullptr, nullptr);
  return FilmWriter(std::move(m));
}

Expected<void> FilmWriter::write(const cv::Mat& upright, std::optional<double> time_s) {
  Impl& m = *impl_;
  if (m.rotation_deg != 0)
    cv::rotate(upright, m.turned,
               m.rotation_deg == 90    ? cv::ROTATE_90_COUNTERCLOCKWISE
               : m.rotation_deg == 180 ? cv::ROTATE_180
                                       : cv::ROTATE_90_CLOCKWISE);
  const cv::Mat& bgr = m.rotation_deg != 0 ? m.turned : upright;
  av_frame_make_writable(m.frame);
  const std::array<const std::uint8_t*, 1> data = {bgr.data};
  const std::array<int, 1> stride = {static_cast<int>(bgr.step)};
  sws_scale(m.scale, data.data(), stride.data(), 0, bgr.rows, m.frame->data, m.frame->linesize);
  if (time_s)
    m.next = std::max(m.next, static_cast<std::int64_t>(std::llround(*time_s / av_q2d(m.codec->time_base))));
  m.frame->pts = m.next;
  m.next += time_s ? 1 : m.ticks;
  if (const int rc = avcodec_send_frame(m.codec, m.frame); rc < 0)
    return m.bad("a picture could not be encoded", rc);
  return m.drain();
}

Expected<void> FilmWriter::finish() {
  Impl& m = *impl_;
  avcodec_send_frame(m.codec, nullptr);
  if (auto ok = m.drain(); !ok) return ok;
  if (const int rc = av_write_trailer(m.format); rc < 0) return m.bad("the film cannot be finished", rc);
  return {};
}

}  // namespace mottix
