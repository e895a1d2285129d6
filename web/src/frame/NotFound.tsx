import { Link } from "react-router";

/** For an address that leads nowhere. */
export function NotFound() {
  return (
    <main className="mx-auto max-w-md px-6 py-24 text-center">
      <h1 className="text-3xl">Page not found</h1>
      <p className="soft py-4">There is no page at this address. Your formulas are not affected.</p>
      <Link className="btn btn-primary" to="/formulas">
        Formulas
      </Link>
    </main>
  );
}
