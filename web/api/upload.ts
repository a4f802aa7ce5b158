import { refusalOf, SILENT, Unreachable } from './client';

export interface Uploading<T> {
  done: Promise<T>;
  stop: () => void;
}

/**
 * Sends a file of any size as it lies on the disk. The server reads it as it comes: what is sent is read.
 * @throws Unreachable and Refused as `ask` does.
 */
export function upload<T>(
  path: string,
  file: Blob,
  type: string,
  told: (sentShare: number) => void,
): Uploading<T> {
  // Only this way a browser says how much of a file is gone.
  const request = new XMLHttpRequest();
  const done = new Promise<T>((resolve, reject) => {
    request.open('POST', `/api/${path}`);
    request.setRequestHeader('content-type', type);
    request.responseType = 'json';
    request.upload.onprogress = ({ loaded, total }) => told(total > 0 ? loaded / total : 0);
    request.onload = () => {
      if (request.status >= 200 && request.status < 300) resolve(request.response as T);
      else reject(refusalOf(request.status, request.statusText, request.response as never));
    };
    request.onerror = () => reject(new Unreachable(SILENT));
    request.onabort = () => reject(new Error('Stopped; nothing of it was kept.'));
    request.send(file);
  });
  return { done, stop: () => request.abort() };
}
