/** The meter in the shed: its electrode has aged, and it reads some three tenths too high. */
export const pocketMeter = 'pocket meter'
