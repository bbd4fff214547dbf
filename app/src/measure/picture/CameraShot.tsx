import { plumbFromPhone, type PhoneHeld } from '@taxikine/core/media/picture/plumbFromPhone';
import { View } from '@tamagui/core';
import { useEffect, useRef, useState } from 'react';
import { maySense } from '../instruments/phoneSource';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { redrawn, type Opened } from './openPicture';

export const hasCamera = (): boolean =>
  typeof navigator !== 'undefined' && Boolean(navigator.mediaDevices?.getUserMedia);

/** How the phone lies, newest word; null where nothing tells. */
function usePhoneHeld() {
  const held = useRef<PhoneHeld | null>(null);
  useEffect(() => {
    const hear = ({ beta, gamma }: DeviceOrientationEvent) => {
      if (beta === null || gamma === null) return;
      const screenDeg = window.screen.orientation?.angle ?? 0;
      held.current = { betaDeg: beta, gammaDeg: gamma, screenDeg };
    };
    window.addEventListener('deviceorientation', hear);
    return () => window.removeEventListener('deviceorientation', hear);
  }, []);
  return held;
}

type Live = 'starting' | 'live' | 'refused';

/** The camera of the device as a picture on the screen; its light goes out with the screen. */
function useCamera() {
  const video = useRef<HTMLVideoElement>(null);
  const [state, setState] = useState<Live>('starting');
  useEffect(() => {
    let stream: MediaStream | null = null;
    let gone = false;
    const stop = () => stream?.getTracks().forEach((track) => track.stop());
    const start = async () => {
      // Where a browser asks before it tells how the phone lies, this tap is the time for it.
      if ('DeviceOrientationEvent' in window) await maySense().catch(() => false);
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      if (gone) return stop();
      video.current!.srcObject = stream;
      await video.current!.play();
      setState('live');
    };
    start().catch(() => setState('refused'));
    return () => {
      gone = true;
      stop();
    };
  }, []);
  return { video, state };
}

export interface CameraShotProps {
  readonly onOpened: (opened: Opened) => void;
  readonly onClose: () => void;
}

/** Takes a photo, and with it what is upright on it, as the phone knows it. */
export function CameraShot({ onOpened, onClose }: CameraShotProps) {
  const t = useText();
  const held = usePhoneHeld();
  const { video, state } = useCamera();
  const take = async () => {
    const { videoWidth, videoHeight } = video.current!;
    const now = held.current;
    const opened = await redrawn(video.current!, videoWidth, videoHeight);
    if (opened.status === 'bad' || !now) return onOpened(opened);
    const plumb = plumbFromPhone(now, [opened.width, opened.height]);
    onOpened({ ...opened, plumb });
  };
  return (
    <View gap="$3">
      {state === 'refused' ? (
        <Words accent role="alert">
          {t('picture.noCamera')}
        </Words>
      ) : (
        <video
          ref={video}
          muted
          playsInline
          aria-label={t('picture.camera')}
          style={{ width: '100%', maxHeight: 460, objectFit: 'contain' }}
        />
      )}
      <View flexDirection="row" gap="$2">
        <Button label={t('cancel')} onPress={onClose} />
        <Button
          kind="main"
          flex={1}
          label={t('picture.shoot')}
          off={state !== 'live'}
          onPress={() => void take()}
        />
      </View>
    </View>
  );
}
