/** By this name others see that a worker is there; by itself, since who asks for it does not work. */
export const WORKER_NAME = 'taxikine-worker';
