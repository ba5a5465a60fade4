import { CameraOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useRef } from 'react';
import type { PhotoOf } from './photo-of';
import { useKeepPhotos } from './use-photos';

interface AddPhotosProps {
  readonly of: PhotoOf;
  readonly words?: string;
}

/** A button that takes photos: by the camera of a phone, or from files. */
export function AddPhotos({ of, words = 'Add photos' }: AddPhotosProps) {
  const input = useRef<HTMLInputElement>(null);
  const { keep, isKeeping } = useKeepPhotos(of);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        hidden
        data-photos={of.about}
        onChange={(event) => {
          const { files } = event.currentTarget;
          if (files && files.length > 0) void keep([...files]);
          // The same file may be chosen again.
          event.currentTarget.value = '';
        }}
      />
      <Button icon={<CameraOutlined />} loading={isKeeping} onClick={() => input.current?.click()}>
        {words}
      </Button>
    </>
  );
}
