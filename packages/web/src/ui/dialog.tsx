import { Modal, type ModalProps } from 'antd';
import { useFocusBack } from './use-focus-back';

/** A dialog that is there as long as it is open; the focus goes back to where it came from. */
export function Dialog(props: ModalProps) {
  useFocusBack();
  return <Modal {...props} />;
}
