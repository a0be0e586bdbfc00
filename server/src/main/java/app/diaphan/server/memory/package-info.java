/** How the machine's memory is shared out: {@link app.diaphan.server.memory.MemoryBudget}. */
package app.diaphan.server.memory;
