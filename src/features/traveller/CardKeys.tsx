"use client";
import { useLetterKeys } from "../keys/useLetterKeys";

/** Letters that lead about on a card; it draws nothing, and comes when the card has been drawn. */
export default function CardKeys({ isOn, act }: { isOn: boolean; act: (key: string) => boolean }) {
  useLetterKeys(isOn, act);
  return null;
}
