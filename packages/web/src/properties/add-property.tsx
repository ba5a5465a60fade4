import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useNavigate } from 'react-router';

/** Begins a home. */
export function AddProperty() {
  const navigate = useNavigate();
  return (
    <Button type="primary" icon={<PlusOutlined />} onClick={() => void navigate('/properties/new')}>
      Add a property
    </Button>
  );
}
