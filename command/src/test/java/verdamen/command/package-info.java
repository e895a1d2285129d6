/** Tests of the one command: start, stop and reset, with the packaged server and processes of its own. */
package verdamen.command;
