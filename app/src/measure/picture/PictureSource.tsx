import { View } from '@tamagui/core';
import { useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { Slider } from '../../ui/Slider';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { CameraShot, hasCamera } from './CameraShot';
import { openPicture, redrawn, type Opened } from './openPicture';

export interface PictureSourceProps {
  readonly onOpened: (opened: Opened) => void;
}

/** Where a picture comes from: the camera, a file, or a moment of a video file. */
export function PictureSource({ onOpened }: PictureSourceProps) {
  const t = useText();
  const [video, setVideo] = useState<string | null>(null);
  const [shooting, setShooting] = useState(false);
  const read = async (file: File) => onOpened(await openPicture(file));
  if (shooting) return <CameraShot onOpened={onOpened} onClose={() => setShooting(false)} />;
  if (video)
    return (
      <VideoMoment
        url={video}
        onOpened={onOpened}
        onClose={() => {
          URL.revokeObjectURL(video);
          setVideo(null);
        }}
      />
    );
  return (
    <View gap="$3">
      <Words>{t('picture.lead')}</Words>
      {hasCamera() ? (
        <Button kind="main" label={t('picture.take')} onPress={() => setShooting(true)} />
      ) : (
        <FileButton
          label={t('picture.take')}
          says={t('picture.takeFile')}
          accept="image/*"
          camera
          onFile={(file) => void read(file)}
          main
        />
      )}
      <FileButton
        label={t('picture.pick')}
        says={t('picture.file')}
        accept="image/*,.jpg,.jpeg,.png,.webp,.heic"
        onFile={(file) => void read(file)}
      />
      <FileButton
        label={t('picture.video')}
        says={t('picture.videoFile')}
        accept="video/*"
        onFile={(file) => setVideo(URL.createObjectURL(file))}
      />
    </View>
  );
}

interface FileButtonProps {
  readonly label: string;
  readonly says: string;
  readonly accept: string;
  readonly camera?: boolean;
  readonly main?: boolean;
  readonly onFile: (file: File) => void;
}

function FileButton({ label, says, accept, camera, main, onFile }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        aria-label={says}
        accept={accept}
        capture={camera ? 'environment' : undefined}
        style={{ display: 'none' }}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
      <Button kind={main ? 'main' : 'plain'} label={label} onPress={() => input.current?.click()} />
    </>
  );
}

const STEP_S = 0.04;
const PAST_ANY_END_S = 1e7;

/** A video file to scrub; the moment that is shown becomes the picture. */
function VideoMoment({
  url,
  onOpened,
  onClose,
}: {
  url: string;
  onOpened: (opened: Opened) => void;
  onClose: () => void;
}) {
  const t = useText();
  const video = useRef<HTMLVideoElement>(null);
  const [length, setLength] = useState(0);
  const [at, setAt] = useState(0);
  const [broken, setBroken] = useState(false);
  const measure = (shown: HTMLVideoElement) => {
    if (Number.isFinite(shown.duration)) {
      setLength(shown.duration);
      shown.currentTime = 0;
      return;
    }
    // A film straight from a recorder does not say how long it is until its end was looked for.
    shown.currentTime = PAST_ANY_END_S;
  };
  const scrub = (seconds: number) => {
    setAt(seconds);
    if (video.current) video.current.currentTime = seconds;
  };
  const take = async () => {
    const { videoWidth, videoHeight } = video.current!;
    onOpened(await redrawn(video.current!, videoWidth, videoHeight));
  };
  return (
    <View gap="$3">
      {broken ? (
        <Words accent role="alert">
          {t('picture.videoBad')}
        </Words>
      ) : (
        <video
          ref={video}
          src={url}
          muted
          playsInline
          preload="auto"
          aria-label={t('picture.videoShown')}
          style={{ width: '100%', maxHeight: 420 }}
          onLoadedMetadata={(event) => measure(event.currentTarget)}
          onDurationChange={(event) => measure(event.currentTarget)}
          onError={() => setBroken(true)}
        />
      )}
      {length > 0 ? (
        <Slider
          label={t('picture.moment')}
          value={at}
          least={0}
          most={Math.floor(length / STEP_S) * STEP_S}
          step={STEP_S}
          unit="s"
          word={`${at.toFixed(2)} s`}
          onChange={scrub}
        />
      ) : null}
      <View flexDirection="row" gap="$2">
        <Button label={t('cancel')} onPress={onClose} />
        <Button
          kind="main"
          flex={1}
          label={t('picture.takeMoment')}
          off={length === 0}
          onPress={() => void take()}
        />
      </View>
    </View>
  );
}
