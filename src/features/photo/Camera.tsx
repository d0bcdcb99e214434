"use client";
import { useEffect, useRef } from "react";

interface CameraProps {
  /** the picture runs; what comes back ends what was begun with it */
  readonly onVideo: (video: HTMLVideoElement) => (() => void) | undefined;
  readonly onRefused: () => void;
}

/** What the camera sees, until it goes off the screen: then the camera goes off too. */
export function Camera({ onVideo, onRefused }: CameraProps) {
  const video = useRef<HTMLVideoElement>(null);
  const latest = useRef({ onVideo, onRefused });
  useEffect(() => {
    latest.current = { onVideo, onRefused };
  });
  useEffect(() => {
    let stream: MediaStream | null = null;
    let end: (() => void) | undefined;
    let isOver = false;
    const stop = (): void => stream?.getTracks().forEach((track) => track.stop());
    const start = async (): Promise<void> => {
      try {
        const size = { width: { ideal: 1920 }, height: { ideal: 1080 } };
        stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment", ...size } });
      } catch {
        if (!isOver) latest.current.onRefused();
        return;
      }
      const element = video.current;
      if (isOver || element === null) return stop();
      element.srcObject = stream;
      await element.play().catch(() => undefined);
      if (!isOver) end = latest.current.onVideo(element);
    };
    void start();
    return () => {
      isOver = true;
      end?.();
      stop();
    };
  }, []);
  return <video ref={video} muted playsInline aria-label="What the camera sees" className="w-full border border-ink" />;
}
