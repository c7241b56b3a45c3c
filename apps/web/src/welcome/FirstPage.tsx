import { Navigate } from 'react-router';
import { useWelcomed } from './welcomed';

/** Where the address names no page: the first questions the first time, then the book. */
export const FirstPage = () => {
  const { isWelcomed } = useWelcomed();
  return <Navigate to={isWelcomed ? '/book' : '/welcome'} replace />;
};
