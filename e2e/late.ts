/** The engine hears of everything a second later. */
export const LATE = () => {
  const post = Reflect.get(Worker.prototype, 'postMessage') as (...message: unknown[]) => void;
  Worker.prototype.postMessage = function late(this: Worker, ...message: unknown[]) {
    setTimeout(() => {
      Reflect.apply(post, this, message);
    }, 1000);
  };
};
