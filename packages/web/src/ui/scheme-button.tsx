import { MoonOutlined, SunOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useScheme } from './colour-scheme';

/** Switches between light and dark colours. */
export function SchemeButton() {
  const { scheme, choose } = useScheme();
  const other = scheme === 'dark' ? 'light' : 'dark';
  return (
    <Button
      type="text"
      icon={scheme === 'dark' ? <SunOutlined /> : <MoonOutlined />}
      aria-label={`Switch to ${other} colours`}
      onClick={() => choose(other)}
    />
  );
}
