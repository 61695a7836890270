#include "synth/film_writer.h"

#include <array>

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libavutil/opt.h>
#include <libswscale/swscale.h>
}

namespace mottix {

struct FilmWriter::Impl {
  std::filesystem::path path;
  AVFormatContext* format = nullptr;
  AVCodecContext* codec = nullptr;
  AVStream* stream = nullptr;
  AVFrame* frame = av_frame_alloc();
  AVPacket* packet = av_packet_alloc();
  SwsContext* scale = nullptr;
  std::int64_t next = 0;

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
      packet->duration = 1;
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
                                        int fps_milli) {
  av_log_set_level(AV_LOG_FATAL);
  if (width_px < 64 || height_px < 64 || width_px % 2 != 0 || height_px % 2 != 0 || fps_milli < 1000)
    return fail(Remedy::kCorrectInput,
                "A film needs even sides of 64 pixels or more and one picture a second or more.");
  auto m = std::make_unique<Impl>();
  m->path = path;
  int rc = avformat_alloc_output_context2(&m->format, nullptr, "mp4", path.c_str());
  if (rc < 0) return m->bad("the film cannot be made", rc);
  const AVCodec* encoder = avcodec_find_encoder(AV_CODEC_ID_H264);
  if (encoder == nullptr) return fail(Remedy::kUpdateProgram, "This FFmpeg has no H.264 encoder.");
  m->stream = avformat_new_stream(m->format, nullptr);
  m->codec = avcodec_alloc_context3(encoder);
  m->codec->width = width_px;
  m->codec->height = height_px;
  m->codec->pix_fmt = AV_PIX_FMT_YUV420P;
  m->codec->time_base = {1000, fps_milli};
  m->codec->framerate = {fps_milli, 1000};
  m->codec->gop_size = 60;
  m->codec->colorspace = AVCOL_SPC_BT709;
  m->codec->color_range = AVCOL_RANGE_MPEG;
  m->codec->thread_count = 2;
  if ((m->format->oformat->flags & AVFMT_GLOBALHEADER) != 0) m->codec->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
  av_opt_set(m->codec->priv_data, "crf", "23", 0);
  av_opt_set(m->codec->priv_data, "preset", "veryfast", 0);
  if (rc = avcodec_open2(m->codec, encoder, nullptr); rc < 0) return m->bad("the encoder does not start", rc);
  m->stream->time_base = m->codec->time_base;
  avcodec_parameters_from_context(m->stream->codecpar, m->codec);
  if (rc = avio_open(&m->format->pb, path.c_str(), AVIO_FLAG_WRITE); rc < 0)
    return m->bad("the file cannot be written", rc);
  // No date and no library version inside: the same plan gives the same file.
  m->format->flags |= AVFMT_FLAG_BITEXACT;
  if (rc = avformat_write_header(m->format, nullptr); rc < 0) return m->bad("the file cannot be written", rc);
  m->frame->format = AV_PIX_FMT_YUV420P;
  m->frame->width = width_px;
  m->frame->height = height_px;
  av_frame_get_buffer(m->frame, 0);
  m->scale = sws_getContext(width_px, height_px, AV_PIX_FMT_BGR24, width_px, height_px, AV_PIX_FMT_YUV420P,
                            SWS_BILINEAR | SWS_ACCURATE_RND, nullptr, nullptr, nullptr);
  return FilmWriter(std::move(m));
}

Expected<void> FilmWriter::write(const cv::Mat& bgr) {
  Impl& m = *impl_;
  av_frame_make_writable(m.frame);
  const std::array<const std::uint8_t*, 1> data = {bgr.data};
  const std::array<int, 1> stride = {static_cast<int>(bgr.step)};
  sws_scale(m.scale, data.data(), stride.data(), 0, bgr.rows, m.frame->data, m.frame->linesize);
  m.frame->pts = m.next++;
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
