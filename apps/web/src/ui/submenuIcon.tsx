import { RightOutlined } from '@ant-design/icons';

/** What shows that an item of a menu opens another. The library's own is read out as a part of the item's name. */
export const submenuIcon = (
  <span className="ant-dropdown-menu-submenu-arrow">
    <RightOutlined aria-hidden className="ant-dropdown-menu-submenu-arrow-icon" />
  </span>
);
