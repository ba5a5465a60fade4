import { MoonOutlined, SunOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useScheme, useSchemeSwitch } from './colour-scheme';

/** Switches between light and dark colours. */
export function SchemeButton() {
  const { scheme } = useScheme();
  const { words, change } = useSchemeSwitch();
  return (
    <Button
      type="text"
      icon={scheme === 'dark' ? <SunOutlined /> : <MoonOutlined />}
      aria-label={words}
      onClick={change}
    />
  );
}
