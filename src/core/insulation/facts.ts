/** Whether a path to the frame was found. */
export interface FrameFacts {
  /** a path to the frame was found; power waits until what was faulty is out and the frame test repeated */
  readonly isGrounded: boolean;
  /** what was faulty is out, and its frame test repeated and clear */
  readonly isGroundCleared: boolean;
}

export const NO_FRAME_FACTS: FrameFacts = { isGrounded: false, isGroundCleared: false };
