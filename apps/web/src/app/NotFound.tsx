import { Link } from 'react-router';

export function NotFound() {
  return (
    <main className="page">
      <h1>There is nothing on this stand</h1>
      <p>
        The address names no screen. <Link to="/book">Back to the book</Link>
      </p>
    </main>
  );
}
