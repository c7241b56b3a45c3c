import { Link } from 'react-router';

export function NotFound() {
  return (
    <main className="page">
      <h1>There is no such page</h1>
      <p>
        This address leads nowhere in Drop Close. <Link to="/book">Back to the book</Link>
      </p>
    </main>
  );
}
