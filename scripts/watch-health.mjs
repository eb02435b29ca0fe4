// Asks a server for its health again and again, from a process of its own so that nobody else's work is counted, until
// its input ends; then it prints the times, in ms.
const [url, every] = process.argv.slice(2);
const seen = [];
let over = false;
process.stdin.once('end', () => (over = true)).resume();
while (!over) {
  const t = performance.now();
  await (await fetch(`${url}/health`)).arrayBuffer();
  seen.push(performance.now() - t);
  await new Promise((r) => setTimeout(r, Number(every)));
}
process.stdout.write(JSON.stringify(seen));
