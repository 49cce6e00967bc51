import { NavLink } from 'react-router';

/** The three ways into the guide. */
export function GuideTabs() {
  return (
    <nav className="guide-tabs" aria-label="Guide">
      <NavLink to="/guide" end>
        Kinds of parts
      </NavLink>
      <NavLink to="/guide/types">Type numbers</NavLink>
      <NavLink to="/guide/bodies">Bodies</NavLink>
    </nav>
  );
}
